<div data-page="contact" class="contact @if ($screen->byView) by-view @endif"
    data-version="{{ $product->version }}" data-url="{{ route('contact', $product) }}"
    data-changes="{{ route('photos.receive', $product) }}/CHANGE" data-align="{{ $screen->byView ? 'view' : 'place' }}"
    data-can-edit="{{ $canEdit ? '1' : '' }}">
    <div class="contact-head">
        <p class="coverage-sum" role="status">{{ $screen->summary() }}</p>
        @if (count($screen->sheet->strips) > 0)
            <div class="contact-tools">
                <div class="lenses" role="group" aria-label="{{ __('contact.what_stands_under_each_other') }}"><button
                        type="button" class="lens" data-align-by="place"
                        aria-pressed="{{ $screen->byView ? 'false' : 'true' }}">{{ __('contact.by_place') }}</button><button
                        type="button" class="lens" data-align-by="view"
                        aria-pressed="{{ $screen->byView ? 'true' : 'false' }}">{{ __('contact.by_view') }}</button>
                </div>
                @if ($canEdit && $loaded->core->library->shotList !== null)
                    <button type="button" class="btn btn-plain" data-contact="follow-shot-list"
                        title="{{ __('contact.all_galleries_in_the_order_views', ['views' => $screen->listedViews()]) }}">{{ __('contact.follow_the_shot_list') }}</button>
                @endif
                @if ($canEdit)
                    <button type="button" class="btn btn-plain" data-dialog="{{ route('alt-texts.plan', $product) }}"
                        data-verb="POST">{{ __('contact.alt_texts') }}</button>
                @endif
                <button type="button" class="btn btn-plain" data-contact="compare" disabled
                    title="{{ __('contact.mark_two_pictures_space_then_compare') }}">{{ __('contact.compare_two') }}</button>
            </div>
        @endif
    </div>
    @if (count($screen->sheet->strips) > 0)
        <div class="strips-scroll">
            <div class="strips" role="grid"
                aria-label="{{ __('contact.contact_sheet_of_product', ['product' => $product->name]) }}">
                @if ($screen->byView)
                    <div class="strip columns" role="row">
                        <div class="strip-head" role="columnheader"></div>
                        @foreach ($screen->columns as $column)
                            <div role="columnheader">{{ $column->inWords() }}</div>
                        @endforeach
                    </div>
                @endif
                @foreach ($screen->strips() as $strip)
                    <div class="strip @if ($strip->differs) differs @endif" role="row"
                        data-strip="{{ $strip->selected }}" data-words="{{ $strip->label }}"
                        data-skus="{{ $strip->skus }}">
                        <div class="strip-head" role="rowheader">
                            <x-part-link :product="$product" :names="$screen->names" :part="$strip->part" />
                            <small>{{ $strip->note }}</small>
                            @if ($canEdit && $screen->isOutOfOrder())
                                <button type="button" class="btn-quiet" data-contact="match-others"
                                    title="{{ __('contact.give_the_other_strips_this_sequence') }}">{{ __('contact.match_the_others_to_this_one') }}</button>
                            @endif
                        </div>
                        @foreach ($strip->cells as $cell)
                            @if ($cell === null)
                                <div class="shot is-none" role="gridcell"><span
                                        class="visually-hidden">{{ __('contact.none') }}</span></div>
                            @elseif ($cell->hole !== null)
                                <div @class([
                                    'shot',
                                    'is-hole',
                                    'is-wanted' => !$cell->hole->isRequiredHole(),
                                ]) role="gridcell">
                                    <span>{{ __('contact.no_view', ['view' => $cell->hole->shot->view->name]) }}</span>
                                </div>
                            @else
                                <div class="shot @if ($cell->isOff) is-off @endif" role="gridcell"
                                    tabindex="{{ $loop->parent->first && $loop->first ? '0' : '-1' }}"
                                    aria-selected="false" draggable="{{ $canEdit ? 'true' : 'false' }}"
                                    data-shot="{{ $cell->placementId }}" data-place="{{ $cell->at }}"
                                    data-large="{{ $cell->large }}" data-name="{{ $cell->file }}"
                                    data-about="{{ route('photo.about', [$product, $cell->placementId]) }}"
                                    aria-label="{{ $cell->label }}" title="{{ $cell->title }}">
                                    @if ($cell->thumb === null)
                                    <span class="thumb">{{ __('contact.being_read') }}</span>@else<img
                                            src="{{ $cell->thumb }}" alt="" loading="lazy" draggable="false">
                                    @endif
                                    @if ($cell->mark !== '')
                                        <span class="film-mark">{{ $cell->mark }}</span>
                                    @endif
                                    <span class="shot-words"><i>{{ $cell->place }}</i>{{ $cell->words }}
                                        @if ($cell->isLead)
                                            <b>{{ __('contact.lead') }}</b>
                                        @endif
                                    </span>
                                </div>
                            @endif
                        @endforeach
                    </div>
                @endforeach
            </div>
        </div>
        <form class="contact-foot" data-place-form>
            <span class="quiet">@say('contact.arrows_go_about_earlier_later_a')</span>
            <label>{{ __('contact.place') }} <input class="form-control" id="to-place" inputmode="numeric"
                    pattern="[0-9]*" maxlength="3" autocomplete="off" @disabled(!$canEdit)></label>
        </form>
    @endif
</div>
