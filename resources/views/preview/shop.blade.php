<div class="shop @if ($preview->isPhone) is-phone @endif" id="shop"
    data-choice="{{ $preview->choice->key }}">
    @php($entries = $preview->gallery->leadFirst())
    @if ($preview->banner() !== null)
        <img class="category-banner"
            src="{{ App\Media\PhotoCuts::address($preview->banner()->photo_id, Core\Gallery\Shape::Wide, $preview->banner()->focus()) }}"
            alt="{{ $preview->banner()->alt_text }}" loading="lazy">
    @endif
    <div>
        @if ($preview->shownIn() !== '')
            <p class="shown-in" role="status">{{ $preview->shownIn() }}</p>
        @endif
        @if ($entries === [])
            <p class="nothing">No picture here: a shopper sees an empty frame.</p>
        @else
            <div class="stage-box" data-player><button type="button" class="stage" aria-pressed="false"
                    title="Zoom"><img
                        src="{{ $preview->pictures->url($entries[0]->placement, App\Media\PhotoSize::Gallery) ?? '' }}"
                        data-zoom="{{ $preview->pictures->url($entries[0]->placement, App\Media\PhotoSize::Zoom) }}"
                        alt="{{ $preview->text($entries[0]->placement) }}"></button>
                @if ($preview->mark($entries[0]->placement) !== '')
                    <button type="button" class="btn btn-primary play"
                        data-kind="{{ $preview->row($entries[0]->placement)->kind()->value }}"
                        data-play="{{ App\Media\MediaKind::address($preview->row($entries[0]->placement)->photoId, $preview->row($entries[0]->placement)->type) }}">Play</button>
                @endif
            </div>
            <ul class="strip" aria-label="Pictures">
                @foreach ($entries as $entry)
                    <li><button type="button"
                            data-show="{{ $preview->pictures->url($entry->placement, App\Media\PhotoSize::Gallery) }}"
                            data-zoom="{{ $preview->pictures->url($entry->placement, App\Media\PhotoSize::Zoom) }}"
                            data-alt="{{ $preview->text($entry->placement) }}"
                            data-file="{{ $entry->placement->file }}"
                            @if ($preview->mark($entry->placement) !== '') data-kind="{{ $preview->row($entry->placement)->kind()->value }}" data-media="{{ App\Media\MediaKind::address($preview->row($entry->placement)->photoId, $preview->row($entry->placement)->type) }}" @endif
                            aria-pressed="{{ $loop->first ? 'true' : 'false' }}"><img
                                src="{{ $preview->pictures->thumb($entry->placement) }}"
                                alt="{{ $preview->text($entry->placement) }}">
                            @if ($preview->mark($entry->placement) !== '')
                                <span class="film-mark">{{ $preview->mark($entry->placement) }}</span>
                            @endif
                        </button>
                    </li>
                @endforeach
            </ul>
            @php($shapes = $preview->shapes())
            @if ($shapes !== [])
                <div class="in-shapes">
                    @foreach ($shapes as [$words, $address, $text, $shape])
                        <figure class="is-{{ $shape->value }}"><img src="{{ $address }}"
                                alt="{{ $text }}" loading="lazy">
                            <figcaption>{{ $words }}</figcaption>
                        </figure>
                    @endforeach
                </div>
            @endif
        @endif
    </div>
    <div>
        <h2>{{ $preview->loaded->product->name }}</h2>
        @if ($preview->terms->said(Core\Details\DetailKind::ShortText) !== '')
            <p class="shop-short">{{ $preview->terms->said(Core\Details\DetailKind::ShortText) }}</p>
        @endif
        <p class="price">
            {{ $preview->terms->price() === '' ? 'No price yet' : $preview->terms->price() . ' ' . $preview->loaded->product->currency }}
            @if ($preview->terms->priceBefore() !== '')
                <del><span class="visually-hidden">before </span>{{ $preview->terms->priceBefore() }}</del>
            @endif
        </p>
        @if ($preview->terms->breaks() !== [])
            <ul class="shop-breaks">
                @foreach ($preview->terms->breaks() as $break)
                    <li>{{ $break }}</li>
                @endforeach
            </ul>
        @endif
        @foreach ($preview->loaded->core->matrix->axes as $axis)
            <fieldset>
                <legend>
                    {{ $preview->names->axis($axis) }}{{ $preview->chosenLabel($axis) === '' ? '' : ': ' . $preview->chosenLabel($axis) }}
                </legend>
                @if ($axis->display === Core\Matrix\AxisDisplay::List)
                    <select class="form-select" aria-label="{{ $preview->names->axis($axis) }}"
                        id="option-{{ $axis->id }}" name="choice" hx-get="{{ $preview->address('') }}"
                        hx-target="#shop" hx-swap="morph:outerHTML">
                        <option value="{{ $preview->choice->without($axis->id)->key }}">Choose…</option>
                        @foreach ($preview->options($axis) as $option)
                            <option value="{{ $option->isChosen ? $preview->choice->key : $option->choice }}"
                                @selected($option->isChosen) @disabled($option->state === 'missing')>
                                {{ $option->label }}{{ $option->state === 'free' ? '' : ($option->state === 'missing' ? ', not offered' : ', sold out') }}
                            </option>
                        @endforeach
                    </select>
                @else
                    <div class="options @if ($axis->display === Core\Matrix\AxisDisplay::PictureSwatches) with-pictures @endif">
                        @foreach ($preview->options($axis) as $option)
                            <button type="button" @class([
                                'option',
                                str_replace(' ', '-', $option->state),
                                'is-colored in-' . $option->ink() => $option->isGround,
                            ])
                                aria-pressed="{{ $option->isChosen ? 'true' : 'false' }}"
                                id="option-{{ $axis->id }}-{{ $loop->index }}"
                                hx-get="{{ $preview->address($option->choice) }}" hx-target="#shop"
                                hx-swap="morph:outerHTML" @disabled($option->state === 'missing')>
                                @if ($option->picture !== null)
                                    <img src="{{ $option->picture }}" alt="">
                                @elseif ($option->swatch !== null)
                                    <x-swatch :swatch="$option->swatch" />
                                @endif
                                <span>
                                    {{ $option->label }}</span>
                                @if ($option->state !== 'free')
                                    <small>{{ $option->state === 'missing' ? 'not offered' : 'sold out' }}</small>
                                @endif
                            </button>
                        @endforeach
                    </div>
                @endif
            </fieldset>
        @endforeach
        @if ($preview->terms->conditions() !== [])
            <ul class="shop-breaks">
                @foreach ($preview->terms->conditions() as $condition)
                    <li>{{ $condition }}</li>
                @endforeach
            </ul>
        @endif
        <button type="button" class="buy" disabled>{{ $preview->offer() }}</button>
        <p class="small-print">{{ $preview->inSmallPrint() }}. This is a preview: nothing can be bought here.</p>
        @if ($preview->terms->buyerText() !== null)
            <p class="field"><label for="buyer-text">{{ $preview->terms->buyerText()->asks }}</label><input
                    class="form-control" id="buyer-text" minlength="{{ $preview->terms->buyerText()->least }}"
                    maxlength="{{ $preview->terms->buyerText()->most }}"
                    @required($preview->terms->buyerText()->least > 0)><small>{{ $preview->terms->buyerText()->least === 0 ? 'Up to ' . $preview->terms->buyerText()->most : $preview->terms->buyerText()->least . ' to ' . $preview->terms->buyerText()->most }}
                    characters</small></p>
        @endif
        @if ($preview->terms->said(Core\Details\DetailKind::Highlights) !== '')
            <ul class="shop-highlights">
                @foreach (explode("\n", $preview->terms->said(Core\Details\DetailKind::Highlights)) as $line)
                    <li>{{ $line }}</li>
                @endforeach
            </ul>
        @endif
        @php($facts = array_filter($preview->loaded->core->state->details->facts, fn($fact) => $fact->isShown))
        @if ($facts !== [] || $preview->terms->terms() !== [])
            <dl class="shop-facts">
                @foreach ($facts as $fact)
                    <div>
                        <dt>{{ $fact->name }}</dt>
                        <dd>{{ $fact->inWords() }}</dd>
                    </div>
                    @endforeach @foreach ($preview->terms->terms() as $what => $words)
                        <div>
                            <dt>{{ $what }}</dt>
                            <dd>{{ $words }}</dd>
                        </div>
                    @endforeach
            </dl>
        @endif
        @if ($preview->loaded->product->description !== '')
            <div class="shop-description">
                @foreach ($preview->description() as $part)
                    @if (is_string($part))
                        @if ($preview->isFormatted())
                            {!! $part !!}
                        @else
                            <p>{{ $part }}</p>
                    @endif @else<figure><img
                                src="{{ $preview->pictures->url($part, App\Media\PhotoSize::Card) }}"
                                alt="{{ $preview->text($part) }}" loading="lazy"></figure>
                    @endif
                @endforeach
            </div>
        @endif
    </div>
</div>
