<form class="take" data-act="{{ route('colors.take', $product) }}">
    <h2 id="dialog-title">{{ __('colors.measured_colors_of_axis', ['axis' => $screen->axis()->name]) }}</h2>
    <p class="quiet">{{ __('colors.what_the_pictures_show_where_it') }}</p>
    <input type="hidden" name="axis" value="{{ $screen->axis()->id }}">
    @if ($screen->proposals() === [])
        <p>{{ __('colors.the_swatches_are_what_the_pictures') }}</p>
    @else
        <table class="plain colors-table">
            <thead>
                <tr>
                    <th scope="col">{{ __('colors.take') }}</th>
                    <th scope="col">{{ $screen->axis()->name }}</th>
                    <th scope="col">{{ __('colors.picture') }}</th>
                    <th scope="col">{{ __('colors.swatch_now') }}</th>
                    <th scope="col">{{ __('colors.measured') }}</th>
                    <th scope="col" class="number">{{ __('colors.e00') }}</th>
                </tr>
            </thead>
            <tbody>
                @foreach ($screen->proposals() as $row)
                    <tr>
                        <td><input type="checkbox" class="form-check-input" name="measured[{{ $row->value->id }}]"
                                value="{{ $row->measured->swatch->text() }}" id="take-{{ $row->value->id }}"
                                @checked($row->measured->isSure && $row->swatch?->isPicture() !== true)></td>
                        <th scope="row"><label for="take-{{ $row->value->id }}">{{ $row->value->label }}</label>
                        </th>
                        <td>
                            @if ($row->thumb !== null)
                                <img class="take-picture" src="{{ $row->thumb }}"
                                    alt="{{ __('colors.the_picture_of_row_that_was', ['row' => $row->value->label]) }}">
                            @endif
                        </td>
                        <td class="swatch-cell"><x-swatch-chip class="swatch-large" :swatch="$row->swatch" />
                            <code>{{ $row->swatch?->hex() ?? __('colors.none') }}</code>
                        </td>
                        <td class="swatch-cell"><x-swatch-chip class="swatch-large" :swatch="$row->measured->swatch" />
                            <span><code>{{ $row->measured->swatch->hex() }}</code>
                                @if (!$row->measured->isSure)
                                    <small>{{ __('colors.before_an_uneven_ground_look') }}</small>
                                @endif
                            </span>
                        </td>
                        <td class="number">
                            @if ($row->distance === null)
                                –
                            @else
                                @number($row->distance, 1)
                            @endif
                        </td>
                    </tr>
                @endforeach
            </tbody>
        </table>
        <fieldset class="field scope">
            <legend>{{ __('colors.they_are_for') }}</legend>
            <label><input type="radio" class="form-check-input" name="scope" value="here" checked>
                {{ __('colors.product_only', ['product' => $product->name]) }}</label>
            <label><input type="radio" class="form-check-input" name="scope" value="everywhere">
                {{ __('colors.every_product_that_has_the_color') }}</label>
        </fieldset>
    @endif
    <div class="buttons"><button type="button" class="btn btn-plain"
            data-do="close">{{ __('colors.cancel') }}</button>
        @if ($screen->proposals() !== [])
            <button class="btn btn-primary">{{ __('colors.take_them') }}</button>
        @endif
    </div>
</form>
