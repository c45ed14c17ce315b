@php($canEdit = auth()->user()->can('edit'))
@php($differs = $screen->sheet->differing() > 0)
@php($isOutOfOrder = $screen->sheet->outOfOrder() > 0)
<div data-page="contact" class="contact @if ($screen->byView) by-view @endif"
    data-version="{{ $product->version }}" data-url="{{ route('contact', $product) }}"
    data-changes="{{ route('photos.receive', $product) }}/CHANGE" data-align="{{ $screen->byView ? 'view' : 'place' }}"
    data-can-edit="{{ $canEdit ? '1' : '' }}">
    <div class="contact-head">
        <p class="coverage-sum" role="status">{{ $screen->summary() }}</p>
        @if (count($screen->sheet->strips) > 0)
            <div class="contact-tools">
                <div class="lenses" role="group" aria-label="What stands under each other"><button type="button"
                        class="lens" data-align-by="place" aria-pressed="{{ $screen->byView ? 'false' : 'true' }}">By
                        place</button><button type="button" class="lens" data-align-by="view"
                        aria-pressed="{{ $screen->byView ? 'true' : 'false' }}">By view</button></div>
                @if ($canEdit && $loaded->core->library->shotList !== null)
                    <button type="button" class="btn btn-plain" data-contact="follow-shot-list"
                        title="All galleries in the order {{ implode(', ', array_map(fn($view) => $view->name, $loaded->core->library->shotList->views())) }}">Follow
                        the shot list</button>
                @endif
                @if ($canEdit)
                    <button type="button" class="btn btn-plain" data-dialog="{{ route('alt-texts.plan', $product) }}"
                        data-verb="POST">Alt texts…</button>
                @endif
                <button type="button" class="btn btn-plain" data-contact="compare" disabled
                    title="Mark two pictures (Space), then compare them large">Compare two</button>
            </div>
        @endif
    </div>
    @if (count($screen->sheet->strips) > 0)
        <div class="strips-scroll">
            <div class="strips" role="grid" aria-label="Contact sheet of {{ $product->name }}">
                @if ($screen->byView)
                    <div class="strip columns" role="row">
                        <div class="strip-head" role="columnheader"></div>
                        @foreach ($screen->columns as $column)
                            <div role="columnheader">{{ $column->inWords() }}</div>
                        @endforeach
                    </div>
                @endif
                @foreach ($screen->sheet->strips as $strip)
                    @php($difference = $screen->difference($strip))
                    @php($y = $loop->index)
                    <div class="strip @if (!$difference->isNone()) differs @endif" role="row"
                        data-strip="{{ $screen->names->selected($strip->part) }}"
                        data-words="{{ $screen->names->label($strip->part) }}" data-skus="{{ $strip->skus() }}">
                        <div class="strip-head" role="rowheader">
                            <x-part-link :product="$product" :names="$screen->names" :part="$strip->part" />
                            <small>{{ $strip === $screen->sheet->reference && $differs ? 'the usual sequence' : ($difference->isNone() ? number_format($strip->skus()) . ($strip->skus() === 1 ? ' SKU' : ' SKUs') : ucfirst($difference->inWords())) }}</small>
                            @if ($canEdit && $isOutOfOrder)
                                <button type="button" class="btn-quiet" data-contact="match-others"
                                    title="Give the other strips this sequence (M)">Match the others to this
                                    one</button>
                            @endif
                        </div>
                        @foreach ($screen->cells($strip) as $place)
                            @if ($place === null)
                                @php($hole = $screen->hole($strip, $loop->index))
                                <div @class([
                                    'shot',
                                    'is-none' => $hole === null,
                                    'is-hole' => $hole !== null,
                                    'is-wanted' => $hole !== null && !$hole->isRequiredHole(),
                                ]) role="gridcell"><span
                                        @class(['visually-hidden' => $hole === null])>{{ $hole === null ? 'none' : 'no ' . $hole->shot->view->name }}</span>
                                </div>
                            @else
                                @php($entry = $strip->entries[$place])
                                @php($shot = $strip->shots[$place])
                                @php($thumb = $screen->thumb($entry))
                                <div class="shot @if ($difference->touches($shot)) is-off @endif" role="gridcell"
                                    tabindex="{{ $y === 0 && $loop->first ? '0' : '-1' }}" aria-selected="false"
                                    draggable="{{ $canEdit ? 'true' : 'false' }}"
                                    data-shot="{{ $entry->placement->id }}" data-place="{{ $place }}"
                                    data-large="{{ $screen->large($entry) }}"
                                    data-name="{{ $entry->placement->file }}"
                                    data-about="{{ route('photo.about', [$product, $entry->placement->id]) }}"
                                    aria-label="{{ $screen->names->label($strip->part) }}, place {{ $place + 1 }}: {{ $shot->inWords() }}, {{ $entry->placement->file }}{{ $difference->touches($shot) ? ', not as the others' : '' }}"
                                    title="{{ $entry->placement->file }}, {{ $screen->reach($entry) }}{{ $strip->shownBy[$entry->placement->id] < $strip->skus() ? ', on ' . $strip->shownBy[$entry->placement->id] . ' of ' . $strip->skus() . ' SKUs' : '' }}">
                                    @if ($thumb === null)
                                    <span class="thumb">being read…</span>@else<img src="{{ $thumb }}"
                                            alt="" loading="lazy" draggable="false">
                                    @endif
                                    @php($mark = $loaded->placements[$entry->placement->id]->mark())@if ($mark !== '')
                                        <span class="film-mark">{{ $mark }}</span>
                                    @endif
                                    <span class="shot-words"><i>{{ $place + 1 }}</i>{{ $shot->inWords() }}
                                        @if ($screen->isLead($strip, $entry))
                                            <b>Lead</b>
                                        @endif
                                    </span>
                                </div>
                            @endif
                        @endforeach
                        @unless ($screen->byView)
                            @foreach ($screen->holes($strip) as $hole)
                                <div class="shot is-hole @if (!$hole->isRequiredHole()) is-wanted @endif"
                                    role="gridcell"><span>no {{ $hole->shot->view->name }}</span></div>
                            @endforeach
                        @endunless
                    </div>
                @endforeach
            </div>
        </div>
        <form class="contact-foot" data-place-form>
            <span class="quiet">Arrows go about · <kbd>[</kbd> <kbd>]</kbd> earlier, later · a number, then Enter: to
                that place · <kbd>M</kbd> match the others · <kbd>Space</kbd> mark, <kbd>C</kbd> compare ·
                <kbd>Shift</kbd> <kbd>↓</kbd> to the next strip, or drag</span>
            <label>Place <input class="form-control" id="to-place" inputmode="numeric" pattern="[0-9]*" maxlength="3"
                    autocomplete="off" @disabled(!$canEdit)></label>
        </form>
    @endif
</div>
