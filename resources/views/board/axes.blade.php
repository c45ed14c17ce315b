{{-- The axes of the product: in full, or folded to one line. What is looked at of a layer is chosen here too. --}}
<div @class(['axes', 'is-folded' => $folded]) id="axes">
    @foreach ($loaded->core->matrix->axes as $axis)
        <div class="axis" id="axis-{{ $axis->id }}">
            <span class="name">{{ $axis->name }} @if ($folded)
                    <b>{{ $axis->count() }}</b>
                @endif
                <label>
                    <span
                        class="visually-hidden">{{ __('board.where_axis_runs', ['axis' => $axis->name]) }}</span><select
                        class="place-of" data-place="{{ $axis->id }}" data-url="{{ route('layout', $product) }}"
                        id="place-{{ $axis->id }}">
                        @foreach ($board->layout->places() as $place)
                            <option @selected($board->layout->place($axis) === $place)>{{ $place }}</option>
                        @endforeach
                    </select>
                </label></span>
            @if (!$folded)
                {{-- One line of values, and how many more there are: a list to scroll, to search and to put in order. --}}
                <div class="values" data-values-of="{{ $axis->id }}">
                    <input class="form-control" type="search"
                        placeholder="{{ __('board.find_one_of_axis', ['axis' => $axis->count()]) }}"
                        aria-label="{{ __('board.find_among_the_values_of_axis', ['axis' => $axis->name]) }}"
                        autocomplete="off" data-values-find hidden>
                    <ul class="chips" data-axis="{{ $axis->id }}"
                        aria-label="{{ __('board.values_of_axis', ['axis' => $axis->name]) }}">
                        @foreach ($axis->values as $value)
                            <li class="chip" id="value-{{ $value->id }}" data-value="{{ $value->id }}"
                                data-name="{{ $value->label }}">
                                @can('edit')
                                    <button type="button" class="label"
                                        data-dialog="{{ route('value', [$product, $value->id]) }}"
                                        title="{{ __('board.change_value', ['value' => $value->label]) }}">
                                        @if ($axis->kind->isColor())
                                            <x-swatch-chip :swatch="$loaded->core->library->swatches->of($value->id)" />
                                        @endif
                                        <x-long-name :name="$value->label" />
                                        @if (($loaded->core->openings()[$axis->id] ?? 0) === $value->id)
                                            <small
                                                title="{{ __('board.shoppers_find_it_chosen') }}">{{ __('board.opens') }}</small>
                                        @endif
                                    </button>
                                    <button type="button" class="btn-quiet step" data-value-step="-1"
                                        title="{{ __('board.earlier_value', ['value' => $value->label]) }}"><x-icon
                                            name="chevron-left" /><span
                                            class="visually-hidden">{{ __('board.value_earlier', ['value' => $value->label]) }}</span></button>
                                    <button type="button" class="btn-quiet step" data-value-step="1"
                                        title="{{ __('board.later_value', ['value' => $value->label]) }}"><x-icon
                                            name="chevron-right" /><span
                                            class="visually-hidden">{{ __('board.value_later', ['value' => $value->label]) }}</span></button>
                                    <button type="button" class="btn-quiet drop"
                                        data-dialog="{{ route('setup', $product) }}"
                                        data-with="{{ json_encode(['without' => $value->id]) }}"
                                        title="{{ __('board.remove_value', ['value' => $value->label]) }}"><x-icon
                                            name="x" /><span
                                            class="visually-hidden">{{ __('board.remove_value', ['value' => $value->label]) }}</span></button>
                                @else
                                    <span class="label">
                                        @if ($axis->kind->isColor())
                                            <x-swatch-chip :swatch="$loaded->core->library->swatches->of($value->id)" />
                                        @endif
                                        <x-long-name :name="$value->label" />
                                    </span>
                                @endcan
                            </li>
                        @endforeach
                    </ul>
                </div>
                <button type="button" class="more-values" data-more-values="{{ $axis->id }}" aria-expanded="false"
                    hidden></button>
                @can('edit')
                    <label class="visually-hidden"
                        for="add-{{ $axis->id }}">{{ __('board.add_to_axis', ['axis' => $axis->name]) }}</label>
                    <input class="form-control add-values" id="add-{{ $axis->id }}" data-add-values
                        data-axis="{{ $axis->id }}" placeholder="{{ __('board.add_then_enter') }}" autocomplete="off">
                @endcan
            @endif
            @if ($board->layout->isLayer($axis))
                <div class="layers" role="group"
                    aria-label="{{ __('board.shown_of_axis', ['axis' => $axis->name]) }}">
                    <button type="button" data-layer-choice="{{ $board->layerWith($axis, 0) }}"
                        aria-pressed="{{ isset($board->layers[$axis->id]) ? 'false' : 'true' }}">{{ __('board.all') }}</button>
                    @foreach ($axis->values as $value)
                        <button type="button" data-layer-choice="{{ $board->layerWith($axis, $value->id) }}"
                            aria-pressed="{{ ($board->layers[$axis->id] ?? 0) === $value->id ? 'true' : 'false' }}">{{ $value->label }}</button>
                    @endforeach
                </div>
            @endif
        </div>
    @endforeach
    @if ($loaded->core->matrix->axes !== [])
        <div class="axes-tools">
            <span class="sum">{{ $board->arithmetic->inWords() }}</span>
            @can('edit')
                <button type="button" class="btn btn-plain"
                    data-dialog="{{ route('setup', $product) }}">{{ __('board.change_axes') }}</button>
            @endcan
            <button type="button" class="btn btn-plain fold" data-fold-axes="{{ $folded ? 0 : 1 }}"
                aria-expanded="{{ $folded ? 'false' : 'true' }}"
                aria-controls="axes">{{ $folded ? __('board.show_values') : __('board.fold') }}</button>
        </div>
    @elseif ($canEdit)
        <div class="axis"><span class="name">{{ __('board.axes') }}</span><button type="button"
                class="btn btn-primary"
                data-dialog="{{ route('setup', $product) }}">{{ __('board.choose_axes_size_color_style') }}</button>
        </div>
    @endif
</div>
