{{-- The axes of the product: in full, or folded to one line. What is looked at of a layer is chosen here too. --}}
<div @class(['axes', 'is-folded' => $folded]) id="axes">
    @foreach ($loaded->core->matrix->axes as $axis)
        @php($isLayer = $board->layout->place($axis) === Core\Matrix\BoardLayout::LAYERS)
        <div class="axis" id="axis-{{ $axis->id }}">
            <span class="name">{{ $axis->name }} @if ($folded)
                    <b>{{ $axis->count() }}</b>
                @endif
                <label>
                    <span class="visually-hidden">Where {{ $axis->name }} runs</span><select class="place-of"
                        data-place="{{ $axis->id }}" data-url="{{ route('layout', $product) }}"
                        id="place-{{ $axis->id }}">
                        @foreach ($board->layout->places() as $place)
                            <option @selected($board->layout->place($axis) === $place)>{{ $place }}</option>
                        @endforeach
                    </select>
                </label></span>
            @if (!$folded)
                {{-- One line of values, and how many more there are: a list to scroll, to search and to put in order. --}}
                <div class="values" data-values-of="{{ $axis->id }}">
                    <input class="form-control" type="search" placeholder="Find one of {{ $axis->count() }}"
                        aria-label="Find among the values of {{ $axis->name }}" autocomplete="off" data-values-find
                        hidden>
                    <ul class="chips" data-axis="{{ $axis->id }}" aria-label="Values of {{ $axis->name }}">
                        @foreach ($axis->values as $value)
                            <li class="chip" id="value-{{ $value->id }}" data-value="{{ $value->id }}"
                                data-name="{{ $value->label }}">
                                @can('edit')
                                    <button type="button" class="label"
                                        data-dialog="{{ route('value', [$product, $value->id]) }}"
                                        title="Change {{ $value->label }}">
                                        @if ($axis->kind === Core\Matrix\AxisKind::Color)
                                            <x-swatch :swatch="$loaded->core->library->swatches->of($value->id)" />
                                        @endif
                                        <x-long-name :name="$value->label" />
                                        @if (($loaded->core->openings()[$axis->id] ?? 0) === $value->id)
                                            <small title="Shoppers find it chosen">opens</small>
                                        @endif
                                    </button>
                                    <button type="button" class="btn-quiet step" data-value-step="-1"
                                        title="Earlier: {{ $value->label }}"><x-icon name="chevron-left" /><span
                                            class="visually-hidden">{{ $value->label }} earlier</span></button>
                                    <button type="button" class="btn-quiet step" data-value-step="1"
                                        title="Later: {{ $value->label }}"><x-icon name="chevron-right" /><span
                                            class="visually-hidden">{{ $value->label }} later</span></button>
                                    <button type="button" class="btn-quiet drop"
                                        data-dialog="{{ route('setup', $product) }}"
                                        data-with="{{ json_encode(['without' => $value->id]) }}"
                                        title="Remove {{ $value->label }}…"><x-icon name="x" /><span
                                            class="visually-hidden">Remove {{ $value->label }}…</span></button>
                                @else
                                    <span class="label">
                                        @if ($axis->kind === Core\Matrix\AxisKind::Color)
                                            <x-swatch :swatch="$loaded->core->library->swatches->of($value->id)" />
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
                    <label class="visually-hidden" for="add-{{ $axis->id }}">Add to {{ $axis->name }}</label>
                    <input class="form-control add-values" id="add-{{ $axis->id }}" data-add-values
                        data-axis="{{ $axis->id }}" placeholder="add, then Enter" autocomplete="off">
                @endcan
            @endif
            @if ($isLayer)
                <div class="layers" role="group" aria-label="Shown of {{ $axis->name }}">
                    <button type="button" data-layer-choice="{{ $board->layerWith($axis, 0) }}"
                        aria-pressed="{{ isset($board->layers[$axis->id]) ? 'false' : 'true' }}">All</button>
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
                <button type="button" class="btn btn-plain" data-dialog="{{ route('setup', $product) }}">Change
                    axes…</button>
            @endcan
            <button type="button" class="btn btn-plain fold" data-fold-axes="{{ $folded ? 0 : 1 }}"
                aria-expanded="{{ $folded ? 'false' : 'true' }}"
                aria-controls="axes">{{ $folded ? 'Show values' : 'Fold' }}</button>
        </div>
    @elseif (auth()->user()->can('edit'))
        <div class="axis"><span class="name">Axes</span><button type="button" class="btn btn-primary"
                data-dialog="{{ route('setup', $product) }}">Choose axes: size, color, style…</button></div>
    @endif
</div>
