<div data-page="details" data-version="{{ $product->version }}" data-url="{{ route('details', $product) }}">
    <section class="strip-findings" aria-label="{{ __('details.what_is_still_missing') }}">
        <p role="status">{{ $screen->summary() }}</p>
        @if ($screen->findings !== [])
            <ul>
                @foreach ($screen->findings as $finding)
                    <li class="{{ $finding->check->severity()->value }}"><a
                            href="{{ $screen->remedy($finding) }}">{{ $finding->message }}</a></li>
                @endforeach
            </ul>
        @endif
    </section>
    <div class="details-first">
        <div>
            @foreach ($screen->nameFields() as $field)
                <form data-act="{{ route('details.update', $product) }}" data-at-once><input type="hidden"
                        name="field" value="{{ $field->name }}">
                    <div class="field">
                        <label for="{{ $field->name }}">{{ $field->label }}</label>
                        <input class="form-control" id="{{ $field->name }}" name="value"
                            maxlength="{{ $field->most }}" value="{{ $field->value }}" autocomplete="off"
                            @if ($field->known !== '') list="known-{{ $field->known }}" @endif
                            @readonly(!$canEdit)>
                        @if ($field->hint !== '')
                            <p class="hint">{{ $field->hint }}</p>
                        @endif
                    </div>
                </form>
            @endforeach
            <div class="field">
                <span class="label">{{ __('details.code') }}</span>
                <p class="currency"><b>{{ $product->code }}</b>
                    @if ($canEdit)
                        <button type="button" class="btn btn-plain"
                            data-dialog="{{ route('product-code', $product) }}">{{ __('details.change') }}<span
                                class="visually-hidden">
                                {{ __('details.the_code') }}</span></button>
                    @endif
                </p>
            </div>
            <form data-act="{{ route('details.update', $product) }}" data-at-once><input type="hidden" name="field"
                    value="shot_list_id">
                <div class="field">
                    <label for="shot_list">{{ __('details.shot_list') }}</label>
                    <select class="form-select" id="shot_list" name="value" @disabled(!$canEdit)>
                        <option value="">{{ __('details.none') }}</option>
                        @foreach ($screen->shotLists() as $list)
                            <option value="{{ $list->id }}" @selected($product->shot_list_id === $list->id)>{{ $list->name }}:
                                @list($list->views)</option>
                        @endforeach
                    </select>
                    <p class="hint">{{ __('details.the_views_that_this_kind_of') }}</p>
                </div>
            </form>
            <div class="field"><span class="label">{{ __('details.prices') }}</span>
                <p class="currency">
                    {{ $loaded->core->priceRange($loaded->core->made) === '' ? __('details.none_yet') : $loaded->core->priceRange($loaded->core->made) }}
                    <b>{{ $product->currency }}</b> <a class="btn btn-plain"
                        href="{{ route('prices', $product) }}">{{ __('details.prices') }}</a>
                    @if ($canEdit)
                        <button type="button" class="btn btn-plain"
                            data-dialog="{{ route('currency', $product) }}">{{ __('details.change') }}<span
                                class="visually-hidden"> {{ __('details.the_currency') }}</span></button>
                    @endif
                </p>
            </div>
        </div>
        <div>
            <x-detail-form :product="$product" :loaded="$loaded" kind="short text" />
            <form id="description-form" data-act="{{ route('details.update', $product) }}" data-at-once><input
                    type="hidden" name="field" value="description">
                <div class="field" id="description-box">
                    <span class="label" id="description-label">{{ __('details.description') }}</span>
                    @if ($canEdit)
                        <div data-keep="1" class="editor-box">
                            <div class="editor-tools" role="toolbar"
                                aria-label="{{ __('details.format_of_the_description') }}"
                                aria-controls="description-text">
                                @foreach (['bold', 'italic', 'heading', 'list', 'numbers', 'link', 'plain'] as $verb)
                                    <button type="button" class="btn-quiet"
                                        data-format="{{ $verb }}">{{ __("details.format_{$verb}") }}</button>
                                @endforeach
                                <button type="button" class="btn-quiet"
                                    data-dialog="{{ route('details.pictures', $product) }}">{{ __('details.picture') }}</button>
                            </div>
                            <div class="form-control editor-text" id="description-text" contenteditable="true"
                                role="textbox" aria-multiline="true" aria-labelledby="description-label"
                                data-editor="description"></div>
                        </div>
                        <textarea id="description" name="value" hidden>{{ $screen->description() }}</textarea>
                        <p class="hint">{{ __('details.kept_as_you_leave_it_a') }}</p>
                    @else
                        <div class="editor-text">{!! $screen->description() !!}</div>
                    @endif
                </div>
            </form>
        </div>
    </div>
    @foreach ($screen->groups() as $title => $kinds)
        <section aria-label="{{ $title }}">
            <h2>{{ $title }}</h2>
            <div class="detail-row">
                @foreach ($kinds as $kind)
                    <x-detail-form :product="$product" :loaded="$loaded" :kind="$kind->value" />
                @endforeach
            </div>
        </section>
    @endforeach
    @include('details.facts')
    @if ($screen->parts() !== [])
        <h2>{{ __('details.said_otherwise_of_parts') }}</h2>
        <table class="plain facts-table">
            <tbody>
                @foreach ($screen->parts() as $part)
                    <tr>
                        <th scope="row">{{ $part->kind->label() }}</th>
                        <td>{{ $part->where }}</td>
                        <td>{{ $part->words }}</td>
                        <td>
                            @if ($canEdit)
                                <button type="button" class="btn btn-plain"
                                    data-post="{{ route('details.set', $product) }}"
                                    data-with="{{ json_encode(['detail' => $part->kind->value, 'part' => 1, 'selected' => $part->selected]) }}">{{ __('details.as_the_product') }}<span
                                        class="visually-hidden">
                                        {{ __('details.for_kind_of_where', ['kind' => $part->kind->label(), 'where' => $part->where]) }}</span></button>
                            @endif
                        </td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    @endif
    @if ($canEdit && $loaded->core->matrix->axes !== [])
        <p class="quiet">{{ __('details.to_say_something_otherwise_of_a') }} <button type="button"
                class="btn btn-plain" data-dialog="{{ route('details.otherwise', $product) }}"
                data-verb="POST">{{ __('details.say_otherwise_of_a_part') }}</button></p>
    @endif
    @foreach ($screen->known() as $id => $entries)
        <datalist id="known-{{ $id }}">
            @foreach ($entries as $entry)
                <option value="{{ $entry }}"></option>
            @endforeach
        </datalist>
    @endforeach
</div>
