@if ($screen === null)
    <div data-page="colors" data-version="{{ $product->version }}" data-url="{{ route('colors', $product) }}">
        <p class="empty">{{ __('colors.nothing_of_this_product_differs_by') }}</p>
    </div>
@else
    <div class="colors" data-page="colors" data-version="{{ $product->version }}" data-axis="{{ $screen->axis()->id }}"
        data-eyes="{{ $screen->eyes?->value }}" data-url="{{ route('colors', $product) }}"
        data-can-edit="{{ $canEdit ? '1' : '' }}">
        @if (count($screen->axes()) > 1)
            <nav class="colors-axes" aria-label="{{ __('colors.axes_with_colors') }}">
                @foreach ($screen->axes() as $other)
                    <a href="{{ route('colors', ['product' => $product, 'axis' => $other->id]) }}"
                        @if ($other->id === $screen->axis()->id) aria-current="page" @endif>{{ $other->name }}</a>
                @endforeach
            </nav>
        @endif
        <div class="colors-tools">
            @can('edit')
                <form class="line-form" data-act="{{ route('colors.display', $product) }}" data-at-once>
                    <input type="hidden" name="axis" value="{{ $screen->axis()->id }}">
                    <label
                        for="colors-display">{{ __('colors.shoppers_choose_the_axis_by', ['axis' => $screen->axis()->name]) }}</label>
                    <select class="form-select" id="colors-display" name="display">
                        @foreach ($displays as $display)
                            <option value="{{ $display->value }}" @selected($screen->axis()->display === $display)>{{ $display->inWords() }}
                            </option>
                        @endforeach
                    </select>
                    <span
                        class="quiet">{{ $screen->ownDisplay() === null ? __('colors.as_the_library_says') : __('colors.here_not_as_the_library_says') }}</span>
                </form>
                @if ($screen->lacking() !== [])
                    <form data-act="{{ route('colors.fill', $product) }}"><input type="hidden" name="axis"
                            value="{{ $screen->axis()->id }}"><button class="btn btn-primary"
                            title="{{ __($screen->axis()->display->isByPicture() ? 'colors.pieces_of_the_cloth_for_this' : 'colors.measured_colors_for_every_product_that') }}">{{ trans_choice('colors.fill_lacking_from_lead_pictures', count($screen->lacking())) }}</button>
                    </form>
                @endif
            @else
                <p>{{ __('colors.shoppers_choose_the_axis_by_display', ['axis' => $screen->axis()->name, 'display' => $screen->axis()->display->inWords()]) }}
                </p>
            @endcan
            <span class="spacer"></span>
            @can('edit')
                @if ($screen->proposals() !== [])
                    <button type="button" class="btn btn-plain" data-dialog="{{ route('colors.measured', $product) }}"
                        data-verb="POST"
                        data-with="{{ json_encode(['axis' => $screen->axis()->id]) }}">{{ __('colors.take_measured_colors') }}</button>
                @endif
                @include('colors.order', [
                    'action' => route('colors.order', $product),
                    'axis' => $screen->axis(),
                ])
            @endcan
            <a class="btn btn-plain"
                href="{{ route('colors.sheet', ['product' => $product, 'axis' => $screen->axis()->id]) }}">{{ __('colors.swatch_sheet') }}</a>
        </div>
        <p class="colors-sum" role="status">{{ $screen->summary() }}</p>
        @include('colors.map', [
            'axis' => $screen->axis(),
            'of' => [$product],
            'moveRoute' => 'colors.swatch.move',
            'openRoute' => 'colors.swatch',
            'pageRoute' => 'colors',
            'here' => ['product' => $product, 'axis' => $screen->axis()->id],
        ])
    </div>
@endif
