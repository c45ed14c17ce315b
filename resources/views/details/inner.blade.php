@php($canEdit = auth()->user()->can('edit'))
<div data-page="details" data-version="{{ $product->version }}" data-url="{{ route('details', $product) }}">
    <section class="strip-findings" aria-label="What is still missing">
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
            @foreach (['name' => ['Name', 'What a shopper reads.', 120, ''], 'brand' => ['Brand', '', 80, 'brands'], 'category' => ['Category', 'A path, such as Outerwear > Smocks.', 200, 'categories']] as $field => [$label, $hint, $most, $list])
                <form data-act="{{ route('details.update', $product) }}" data-at-once><input type="hidden"
                        name="field" value="{{ $field }}">
                    <div class="field">
                        <label for="{{ $field }}">{{ $label }}</label>
                        <input class="form-control" id="{{ $field }}" name="value"
                            maxlength="{{ $most }}" value="{{ $product->{$field} }}" autocomplete="off"
                            @if ($list !== '') list="known-{{ $list }}" @endif
                            @readonly(!$canEdit)>
                        @if ($hint !== '')
                            <p class="hint">{{ $hint }}</p>
                        @endif
                    </div>
                </form>
            @endforeach
            <div class="field">
                <span class="label">Code</span>
                <p class="currency"><b>{{ $product->code }}</b>
                    @if ($canEdit)
                        <button type="button" class="btn btn-plain"
                            data-dialog="{{ route('product-code', $product) }}">Change…<span class="visually-hidden">
                                the code</span></button>
                    @endif
                </p>
            </div>
            <form data-act="{{ route('details.update', $product) }}" data-at-once><input type="hidden" name="field"
                    value="shot_list_id">
                <div class="field">
                    <label for="shot_list">Shot list</label>
                    <select class="form-select" id="shot_list" name="value" @disabled(!$canEdit)>
                        <option value="">None</option>
                        @foreach ($screen->shotLists() as $list)
                            <option value="{{ $list->id }}" @selected($product->shot_list_id === $list->id)>{{ $list->name }}:
                                {{ implode(', ', $list->views) }}</option>
                        @endforeach
                    </select>
                    <p class="hint">The views that this kind of product needs.</p>
                </div>
            </form>
            <div class="field"><span class="label">Prices</span>
                <p class="currency">
                    {{ $loaded->core->priceRange($loaded->core->made) === '' ? 'none yet' : $loaded->core->priceRange($loaded->core->made) }}
                    <b>{{ $product->currency }}</b> <a class="btn btn-plain"
                        href="{{ route('prices', $product) }}">Prices</a>
                    @if ($canEdit)
                        <button type="button" class="btn btn-plain"
                            data-dialog="{{ route('currency', $product) }}">Change…<span class="visually-hidden"> the
                                currency</span></button>
                    @endif
                </p>
            </div>
        </div>
        <div>
            <x-detail-form :product="$product" :loaded="$loaded" :kind="Core\Details\DetailKind::ShortText" />
            <form id="description-form" data-act="{{ route('details.update', $product) }}" data-at-once><input
                    type="hidden" name="field" value="description">
                <div class="field" id="description-box">
                    <span class="label" id="description-label">Description</span>
                    @if ($canEdit)
                        <div data-keep="1" class="editor-box">
                            <div class="editor-tools" role="toolbar" aria-label="Format of the description"
                                aria-controls="description-text">
                                @foreach (['bold' => 'Strong', 'italic' => 'Emphasized', 'heading' => 'Heading', 'list' => 'List', 'numbers' => 'Numbered', 'link' => 'Link', 'plain' => 'Plain'] as $verb => $label)
                                    <button type="button" class="btn-quiet"
                                        data-format="{{ $verb }}">{{ $label }}</button>
                                @endforeach
                                <button type="button" class="btn-quiet"
                                    data-dialog="{{ route('details.pictures', $product) }}">Picture…</button>
                            </div>
                            <div class="form-control editor-text" id="description-text" contenteditable="true"
                                role="textbox" aria-multiline="true" aria-labelledby="description-label"
                                data-editor="description"></div>
                        </div>
                        <textarea id="description" name="value" hidden>{{ $screen->description() }}</textarea>
                        <p class="hint">Kept as you leave it. A picture stands as [picture 12].</p>
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
                    <x-detail-form :product="$product" :loaded="$loaded" :kind="$kind" />
                @endforeach
            </div>
        </section>
    @endforeach
    @include('details.facts')
    @if ($screen->parts() !== [])
        <h2>Said otherwise of parts</h2>
        <table class="plain facts-table">
            <tbody>
                @foreach ($screen->parts() as [$kind, $where, $words, $selected])
                    <tr>
                        <th scope="row">{{ $kind->label() }}</th>
                        <td>{{ $where }}</td>
                        <td>{{ $words }}</td>
                        <td>
                            @if ($canEdit)
                                <button type="button" class="btn btn-plain"
                                    data-post="{{ route('details.set', $product) }}"
                                    data-with="{{ json_encode(['detail' => $kind->value, 'part' => 1, 'selected' => $selected]) }}">As
                                    the product<span class="visually-hidden"> for {{ $kind->label() }} of
                                        {{ $where }}</span></button>
                            @endif
                        </td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    @endif
    @if ($canEdit && $loaded->core->matrix->axes !== [])
        <p class="quiet">To say something otherwise of a color, a size or a single SKU: <button type="button"
                class="btn btn-plain" data-dialog="{{ route('details.otherwise', $product) }}" data-verb="POST">Say
                otherwise of a part…</button></p>
    @endif
    @foreach ($screen->known() as $id => $entries)
        <datalist id="known-{{ $id }}">
            @foreach ($entries as $entry)
                <option value="{{ $entry }}"></option>
            @endforeach
        </datalist>
    @endforeach
</div>
