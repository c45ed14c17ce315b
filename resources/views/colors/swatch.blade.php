<form class="swatch-form" data-act="{{ $keep }}" data-draft="{{ $draft }}">
    <h2 id="dialog-title">
        {{ __('colors.swatch_of_axis_label', ['axis' => $screen->axis()->name, 'label' => $screen->label()]) }}</h2>
    @if ($product === null)
        <p class="quiet">
            {{ $screen->usedBy === '' ? __('colors.no_product_uses_it_at_the') : __('colors.changing_it_changes_it_for_used', ['used_by' => $screen->usedBy]) }}
        </p>
    @endif
    <input type="hidden" name="seen" value="{{ $screen->value->swatch }}"><input type="hidden" name="photo"
        value="{{ $screen->photoId() }}" data-photo><input type="hidden" name="frame"
        value="{{ $screen->form->frame }}" data-frame>
    <div class="swatch-parts">
        <div class="swatch-made">
            <div class="swatch-shown"><x-swatch-chip class="swatch-huge" :swatch="$screen->swatch" :draft="true" /><span
                    class="on-dark"><x-swatch-chip class="swatch-large" :swatch="$screen->swatch"
                        :draft="true" /></span><x-swatch-chip :swatch="$screen->swatch" :draft="true" /></div>
            <fieldset class="kinds">
                <legend class="visually-hidden">{{ __('colors.what_it_is') }}</legend>
                @foreach (['colors', 'pattern', 'piece'] as $kind)
                    <label><input type="radio" class="form-check-input" name="kind" value="{{ $kind }}"
                            @checked($screen->form->kind->value === $kind)> {{ __("colors.kind_{$kind}") }}</label>
                @endforeach
            </fieldset>
            @foreach ($screen->fields() as $at => $field)
                <div class="color-field @if ($field->isLater) is-later @endif">
                    <label for="swatch-color-{{ $at }}">{{ $field->label }}</label>
                    <input class="form-control" id="swatch-color-{{ $at }}"
                        name="colors[{{ $at }}]" value="{{ $field->typed }}" maxlength="100"
                        autocomplete="off" spellcheck="false"
                        placeholder="{{ $at === 0 ? __('colors.5f7049_a_name_lab_oklch') : __('colors.none') }}"
                        data-color-text @if ($screen->problemField === "colors.{$at}") aria-invalid="true" @endif>
                    <input type="color" class="form-control form-control-color" aria-label="{{ $field->labelByEye }}"
                        value="{{ $field->byEye }}" data-color-eye="{{ $at }}">
                    @if ($field->readAs !== '')
                        <small>{{ $field->readAs }}</small>
                    @endif
                </div>
            @endforeach
            @if ($screen->problem !== '')
                <p class="problem" role="alert">{{ $screen->problem }}</p>
            @endif
            @if ($screen->isPattern())
                <fieldset class="tiles">
                    <legend>{{ __('colors.pattern') }}</legend>
                    @foreach ($tiles as $tile)
                        <label title="{{ ucfirst($tile->value) }}"><input type="radio" class="visually-hidden"
                                name="tile" value="{{ $tile->value }}" @checked($screen->tile() === $tile)><x-swatch-chip
                                class="swatch-large" :swatch="$screen->inTile($tile)" /><span
                                class="visually-hidden">{{ $tile->value }}</span></label>
                    @endforeach
                </fieldset>
            @endif
            @if ($screen->swatch !== null)
                <p class="swatch-words"><code>{{ $screen->swatch->hex() }}</code>
                    {{ $screen->figuresInWords() }}</p>
                <p class="swatch-words quiet">{{ __('colors.called_so_names', ['names' => $screen->namesInWords()]) }}
                </p>
                @foreach ($screen->findings() as $finding)
                    <p class="finding {{ $finding->check->severity()->value }}">{{ $finding->message }}@if ($finding->distance !== null)
                            {{ __('colors.e00_distance', ['distance' => $finding->distance]) }}
                        @endif
                    </p>
                @endforeach
            @elseif ($screen->byName() !== null)
                <p class="swatch-words"><button type="button" class="btn btn-plain"
                        data-color-take="{{ $screen->byName()->color->hex() }}"><x-swatch-chip :swatch="$screen->swatchByName()" />
                        {{ __('colors.take_by_name_hex', ['by_name' => $screen->byName()->name, 'hex' => $screen->byName()->color->hex()]) }}</button>
                </p>
            @endif
            @if ($product !== null)
                <fieldset class="field scope">
                    <legend>{{ __('colors.it_is_for') }}</legend>
                    <label><input type="radio" class="form-check-input" name="scope" value="everywhere"
                            @checked(!$screen->isHereOnly)>
                        {{ __('colors.every_product_that_has_it_used', ['used_by' => $screen->usedBy]) }}</label>
                    <label><input type="radio" class="form-check-input" name="scope" value="here"
                            @checked($screen->isHereOnly)>
                        {{ __('colors.product_only_where_the_cloth_differs', ['product' => $product->name]) }}</label>
                </fieldset>
            @endif
        </div>
        <div class="dropper-side">
            @if ($screen->photoId() !== null)
                <div class="dropper" data-dropper data-photo="{{ $screen->photoId() }}"
                    data-url="{{ route('photo.color', $screen->photoId()) }}" tabindex="0" role="group"
                    aria-label="{{ __('colors.picture_to_take_a_color_from') }}">
                    <img src="{{ route('photo', [$screen->photoId(), 'gallery'], false) }}" alt=""
                        draggable="false"><svg viewBox="0 0 1000 1000" preserveAspectRatio="none" aria-hidden="true">
                        <rect class="patch-under" width="100" height="100" />
                        <rect class="patch" width="100" height="100" />
                    </svg>
                </div>
                <div class="dropper-tools"><label for="dropper-size">{{ __('colors.patch') }}</label><input
                        type="range" class="form-range" id="dropper-size" min="2" max="60" value="10"
                        data-dropper-size aria-label="{{ __('colors.size_of_the_patch') }}"><span data-dropper-share>10
                        %</span><label for="dropper-into">{{ __('colors.into') }}</label><select class="form-select"
                        id="dropper-into" data-dropper-into>
                        <option value="0">{{ __('colors.color') }}</option>
                        <option value="1">{{ __('colors.second') }}</option>
                        <option value="2">{{ __('colors.third') }}</option>
                    </select></div>
                <p class="quiet" role="status" data-dropper-said>
                    {{ __($screen->isPiece() ? 'colors.click_where_the_cloth_is_plain' : 'colors.click_on_the_cloth_the_color') }}
                </p>
            @else
                <p class="quiet">{{ __('colors.no_picture_shows_this_value_alone') }}</p>
            @endif
            @if (count($screen->pictures()) > 1)
                <div class="dropper-pictures" role="group"
                    aria-label="{{ __('colors.pictures_to_take_it_from') }}">
                    @foreach ($screen->pictures() as $row)
                        <button type="button" data-dropper-photo="{{ $row->photoId }}"
                            aria-pressed="{{ $row->photoId === $screen->photoId() ? 'true' : 'false' }}"
                            title="{{ $row->file() }}"><img
                                src="{{ route('photo', [$row->photoId, 'thumb'], false) }}"
                                alt="{{ $row->file() }}" loading="lazy"></button>
                    @endforeach
                </div>
            @endif
            <div class="field"><label for="swatch-file">{{ __('colors.a_picture_of_the_pattern_or') }}</label><input
                    class="form-control" type="file" id="swatch-file" accept="image/*"
                    data-swatch-file="{{ route('swatch.picture') }}"></div>
        </div>
    </div>
    <div class="buttons">
        <button type="button" class="btn btn-plain" data-do="close">{{ __('colors.cancel') }}</button><button
            class="btn btn-primary" @disabled($screen->swatch === null)>{{ __('colors.keep') }}</button>
    </div>
</form>
@if ($product !== null && isset($screen->product?->core->library->swatches->own()[$screen->value->id]))
    <form data-act="{{ $keep }}"><input type="hidden" name="none" value="1"><input type="hidden"
            name="scope" value="here"><button
            class="btn btn-plain">{{ __('colors.show_what_the_library_has_for', ['label' => $screen->label()]) }}</button>
    </form>
@elseif ($screen->value->swatch !== null && $product === null)
    <form data-act="{{ $keep }}"><input type="hidden" name="none" value="1"><button
            class="btn btn-plain">{{ __('colors.take_its_swatch_away') }}</button></form>
@endif
