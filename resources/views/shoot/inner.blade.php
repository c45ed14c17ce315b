<div class="shoot" data-shoot data-url="{{ route('shoot.arrange', $screen->shoot->drop) }}"
    data-link="{{ route('shoot.link', $screen->shoot->drop) }}" data-version="{{ $screen->shoot->token() }}"
    data-can-edit="{{ $canEdit ? '1' : '0' }}">
    <div class="shoot-head">
        <div>
            <p class="quiet"><a href="{{ route('intake') }}">{{ __('intake.intake') }}</a> / <a
                    href="{{ route('intake.drop', $screen->shoot->drop) }}">{{ $screen->shoot->drop->name }}</a></p>
            <h1>{{ __('shoot.title', ['drop' => $screen->shoot->drop->name]) }}</h1>
            <p class="quiet">
                {{ $screen->count() === 0 ? __('shoot.nothing') : trans_choice('shoot.about', $screen->count(), ['count' => $screen->count()]) }}
                @if ($screen->shoot->beyond > 0)
                    {{ trans_choice('shoot.beyond', $screen->shoot->beyond, ['count' => $screen->shoot->beyond]) }}
                @endif
            </p>
        </div>
        @if ($canEdit)
            <div class="shoot-deeds">
                @if ($screen->last !== null)
                    <button type="button" class="btn btn-plain"
                        data-post="{{ route('shoot.undo', $screen->shoot->drop) }}"
                        data-with='{"batch":"{{ $screen->last->id }}"}'
                        title="{{ $screen->last->words }}">{{ __('shoot.undo', ['last' => $screen->lastWords()]) }}</button>
                @endif
                @if ($screen->shoot->isMoved)
                    <button type="button" class="btn btn-plain" data-shoot-do="anew">{{ __('shoot.anew') }}</button>
                @endif
                @if ($screen->count() > 0)
                    <button type="button" class="btn btn-primary"
                        data-shoot-link>{{ trans_choice('shoot.link_all', $screen->count(), ['count' => $screen->count()]) }}</button>
                @endif
            </div>
        @endif
    </div>
    @if ($canEdit && $screen->count() > 0)
        <div class="shoot-tools" role="toolbar" aria-label="{{ __('shoot.for_the_picture') }}">
            <span role="status" data-shoot-chosen
                data-none="{{ __('shoot.chosen_none') }}">{{ __('shoot.chosen_none') }}</span>
            <button type="button" class="btn btn-plain" data-shoot-do="shift" data-by="-1"
                data-needs-picture>@say('shoot.earlier')</button>
            <button type="button" class="btn btn-plain" data-shoot-do="shift" data-by="1"
                data-needs-picture>@say('shoot.later')</button>
            <button type="button" class="btn btn-plain" data-shoot-do="own"
                data-needs-picture>@say('shoot.own_group')</button>
            <button type="button" class="btn btn-plain" data-shoot-do="out"
                data-needs-picture>@say('shoot.leave_out')</button>
        </div>
    @endif
    @foreach ($screen->tables as $table)
        <section class="shoot-series" data-series="{{ $table->at }}" data-next="{{ $table->nextGroup }}"
            aria-label="{{ __('shoot.series', ['number' => $table->number]) }}">
            <form class="shoot-product" data-shoot-product>
                <label for="shoot-product-{{ $table->at }}">{{ __('shoot.product') }}</label>
                <input class="form-control" id="shoot-product-{{ $table->at }}" name="product" autocomplete="off"
                    list="shoot-products" maxlength="200" @disabled(!$canEdit)
                    value="{{ $table->product?->code }}" placeholder="{{ __('shoot.product_unknown') }}">
                @if ($canEdit)
                    <button class="btn btn-plain">{{ __('shoot.say_product') }}</button>
                @endif
                @if ($table->product !== null)
                    <b>{{ $table->product->name }}</b>
                @endif
                <span
                    class="quiet">{{ trans_choice('shoot.pictures', $table->count(), ['count' => $table->count()]) }}</span>
            </form>
            <div class="shoot-scroll" tabindex="0" role="group"
                aria-label="{{ __('shoot.series', ['number' => $table->number]) }}">
                <table>
                    <thead>
                        <tr>
                            <th scope="col">{{ __('shoot.group') }}</th>
                            @foreach ($table->views as $place => $key)
                                <th scope="col">
                                    <select class="form-select" data-shoot-view="{{ $place }}"
                                        @disabled(!$canEdit)
                                        aria-label="{{ __('shoot.view_of', ['number' => $loop->iteration]) }}">
                                        <option value="">{{ __('shoot.no_view') }}</option><x-view-options
                                            :chosen="$screen->shoot->views->find($key)" />
                                    </select>
                                </th>
                            @endforeach
                        </tr>
                    </thead>
                    <tbody>
                        @foreach ($table->rows as $row)
                            <tr data-group="{{ $row->at }}">
                                <th scope="row">
                                    @foreach ($row->axes as $axis)
                                        <span class="shoot-part"><x-swatch-chip :swatch="$row->swatches[$loop->index]" />
                                            <select @class(['form-select', 'is-lacking' => $row->lacks($axis->id)]) data-shoot-axis="{{ $axis->id }}"
                                                @disabled(!$canEdit)
                                                aria-label="{{ __('shoot.value_of', ['axis' => $axis->name, 'number' => $row->number]) }}">
                                                <option value="">
                                                    {{ __('shoot.choose', ['axis' => $axis->name]) }}
                                                </option>
                                                @foreach ($axis->values as $value)
                                                    <option value="{{ $value->id }}" @selected($row->isChosen($axis->id, $value->id))>
                                                        {{ $value->label }}</option>
                                                @endforeach
                                            </select></span>
                                    @endforeach
                                    @if ($canEdit)
                                        <button type="button" class="btn btn-quiet"
                                            data-shoot-link="{{ $row->at }}"
                                            aria-label="{{ __('shoot.link_group_of', ['number' => $row->number]) }}">{{ __('shoot.link_group') }}</button>
                                    @endif
                                </th>
                                @foreach ($row->cells as $place => $pictures)
                                    <td data-place="{{ $place }}">
                                        @foreach ($pictures as $picture)
                                            @include('shoot.picture')
                                        @endforeach
                                        @if (count($pictures) > 1)
                                            <small class="warns">{{ __('shoot.twice') }}</small>
                                        @endif
                                    </td>
                                @endforeach
                            </tr>
                        @endforeach
                        @if ($canEdit)
                            <tr class="shoot-new" data-group="{{ $table->nextGroup }}">
                                <td colspan="{{ $table->width() }}" data-place="0">{{ __('shoot.new_group') }}</td>
                            </tr>
                        @endif
                    </tbody>
                </table>
            </div>
        </section>
    @endforeach
    @if ($screen->leftOut() !== [] || ($canEdit && $screen->count() > 0))
        <section class="shoot-out" data-shoot-out aria-label="{{ __('shoot.left_out') }}">
            <h2>{{ __('shoot.left_out') }}</h2>
            <p class="quiet">{{ __('shoot.left_out_hint') }}</p>
            @foreach ($screen->leftOut() as $picture)
                @include('shoot.picture')
            @endforeach
        </section>
    @endif
    <datalist id="shoot-products">
        @foreach ($screen->products as $code => $name)
            <option value="{{ $code }}">{{ $name }}</option>
        @endforeach
    </datalist>
</div>
