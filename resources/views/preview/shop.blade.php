<div class="shop @if ($preview->isPhone) is-phone @endif" id="shop"
    data-choice="{{ $preview->choice->key }}">
    @if ($preview->banner() !== null)
        <img class="category-banner" src="{{ $preview->bannerAddress() }}" alt="{{ $preview->banner()->alt_text }}"
            loading="lazy">
    @endif
    <div>
        @if ($preview->shownIn() !== '')
            <p class="shown-in" role="status">{{ $preview->shownIn() }}</p>
        @endif
        @if ($preview->shots() === [])
            <p class="nothing">{{ __('preview.no_picture_here_a_shopper_sees') }}</p>
        @else
            <div class="stage-box" data-player><button type="button" class="stage" aria-pressed="false"
                    title="{{ __('preview.zoom') }}"><img src="{{ $preview->shots()[0]->large }}"
                        data-zoom="{{ $preview->shots()[0]->zoom }}" alt="{{ $preview->shots()[0]->text }}"></button>
                @if ($preview->shots()[0]->mark !== '')
                    <button type="button" class="btn btn-primary play" data-kind="{{ $preview->shots()[0]->kind }}"
                        data-play="{{ $preview->shots()[0]->media }}">{{ __('preview.play') }}</button>
                @endif
            </div>
            <ul class="strip" aria-label="{{ __('preview.pictures') }}">
                @foreach ($preview->shots() as $shot)
                    <li><button type="button" data-show="{{ $shot->large }}" data-zoom="{{ $shot->zoom }}"
                            data-alt="{{ $shot->text }}" data-file="{{ $shot->file }}"
                            @if ($shot->mark !== '') data-kind="{{ $shot->kind }}" data-media="{{ $shot->media }}" @endif
                            aria-pressed="{{ $loop->first ? 'true' : 'false' }}"><img src="{{ $shot->thumb }}"
                                alt="{{ $shot->text }}">
                            @if ($shot->mark !== '')
                                <span class="film-mark">{{ $shot->mark }}</span>
                            @endif
                        </button>
                    </li>
                @endforeach
            </ul>
            @if ($preview->shapes() !== [])
                <div class="in-shapes">
                    @foreach ($preview->shapes() as $shown)
                        <figure class="is-{{ $shown->shape->value }}"><img src="{{ $shown->address }}"
                                alt="{{ $shown->text }}" loading="lazy">
                            <figcaption>{{ $shown->words }}</figcaption>
                        </figure>
                    @endforeach
                </div>
            @endif
        @endif
    </div>
    <div>
        <h2>{{ $preview->loaded->product->name }}</h2>
        @if ($preview->shortText() !== '')
            <p class="shop-short">{{ $preview->shortText() }}</p>
        @endif
        <p class="price">
            {{ $preview->terms->price() === '' ? __('preview.no_price_yet') : $preview->terms->price() . ' ' . $preview->loaded->product->currency }}
            @if ($preview->terms->priceBefore() !== '')
                <del><span class="visually-hidden">{{ __('preview.before') }}
                    </span>{{ $preview->terms->priceBefore() }}</del>
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
                @if ($axis->display->isList())
                    <select class="form-select" aria-label="{{ $preview->names->axis($axis) }}"
                        id="option-{{ $axis->id }}" name="choice" hx-get="{{ $preview->address('') }}"
                        hx-target="#shop" hx-swap="morph:outerHTML">
                        <option value="{{ $preview->choice->without($axis->id)->key }}">{{ __('preview.choose') }}
                        </option>
                        @foreach ($preview->options($axis) as $option)
                            <option value="{{ $option->isChosen ? $preview->choice->key : $option->choice }}"
                                @selected($option->isChosen) @disabled($option->state === 'missing')>
                                {{ $option->label }}{{ $option->state === 'free' ? '' : ($option->state === 'missing' ? __('preview.not_offered') : __('preview.sold_out')) }}
                            </option>
                        @endforeach
                    </select>
                @else
                    <div class="options @if ($axis->display->isByPicture()) with-pictures @endif">
                        @foreach ($preview->options($axis) as $option)
                            <button type="button" @class([
                                'option',
                                $option->stateClass(),
                                'is-colored in-' . $option->ink() => $option->isGround,
                            ])
                                aria-pressed="{{ $option->isChosen ? 'true' : 'false' }}"
                                id="option-{{ $axis->id }}-{{ $loop->index }}"
                                hx-get="{{ $preview->address($option->choice) }}" hx-target="#shop"
                                hx-swap="morph:outerHTML" @disabled($option->state === 'missing')>
                                @if ($option->picture !== null)
                                    <img src="{{ $option->picture }}" alt="">
                                @elseif ($option->swatch !== null)
                                    <x-swatch-chip :swatch="$option->swatch" />
                                @endif
                                <span>
                                    {{ $option->label }}</span>
                                @if ($option->state !== 'free')
                                    <small>{{ $option->state === 'missing' ? __('preview.not_offered_2') : __('preview.sold_out_2') }}</small>
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
        <p class="small-print">
            {{ __('preview.in_small_print_this_is_a', ['in_small_print' => $preview->inSmallPrint()]) }}</p>
        @if ($preview->terms->buyerText() !== null)
            <p class="field"><label for="buyer-text">{{ $preview->terms->buyerText()->asks }}</label><input
                    class="form-control" id="buyer-text" minlength="{{ $preview->terms->buyerText()->least }}"
                    maxlength="{{ $preview->terms->buyerText()->most }}"
                    @required($preview->terms->buyerText()->least > 0)><small>{{ __('preview.most_characters', ['most' => $preview->terms->buyerText()->least === 0 ? __('preview.up_to_most', ['most' => $preview->terms->buyerText()->most]) : __('preview.least_to_most', ['least' => $preview->terms->buyerText()->least, 'most' => $preview->terms->buyerText()->most])]) }}</small>
            </p>
        @endif
        @if ($preview->highlights() !== [])
            <ul class="shop-highlights">
                @foreach ($preview->highlights() as $line)
                    <li>{{ $line }}</li>
                @endforeach
            </ul>
        @endif
        @if ($preview->facts() !== [] || $preview->terms->terms() !== [])
            <dl class="shop-facts">
                @foreach ($preview->facts() as $fact)
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
                    @endif @else<figure><img src="{{ $preview->cardAddress($part) }}"
                                alt="{{ $preview->text($part) }}" loading="lazy"></figure>
                    @endif
                @endforeach
            </div>
        @endif
    </div>
</div>
