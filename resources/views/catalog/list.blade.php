<p class="catalog-count" role="status">
    {{ $page->countInWords() }}@if ($page->list->meant !== null)
        .
    @endif
    @if ($page->list->meant !== null)
        @say('catalog.no_product_has_search_shown_is', ['search' => $page->asked->search, 'meant' => $page->list->meant])
        @endif{{ '' }}@if ($page->waiting > 0)
            <span class="quiet"> {{ __('catalog.waiting_still_being_counted', ['waiting' => $page->waiting]) }}</span>
            @endif @can('edit')@if ($page->rows !== [])
                <a class="change-all" href="{{ $page->bulkAddress() }}">{{ __('catalog.change_all_of_these') }}</a>
                @endif @endcan @if ($page->rows !== [])
                    <a class="change-all" href="{{ $page->rowsAddress() }}">{{ __('rows.as_rows') }}</a>
                    <a class="change-all" href="{{ $page->sheetAddress() }}">{{ __('sheets.as_a_sheet') }}</a>
                @endif
</p>
@if ($page->rows === [])
    <p class="empty">
        {{ $page->all() === 0 ? __('catalog.there_is_no_product_yet_make') : __('catalog.no_product_is_like_this_take') }}
    </p>
@else
    <div class="catalog">
        <table class="plain">
            <thead>
                <tr>
                    <th scope="col"><span class="visually-hidden">{{ __('catalog.card_picture') }}</span></th>
                    <x-sorted-heads :page="$page" :columns="$page->columns()" />
                </tr>
            </thead>
            <tbody>
                @foreach ($page->rows as $row)
                    <tr>
                        <td>
                            @if ($row->card === null)
                            <span class="no-card">{{ __('catalog.no_picture') }}</span>@else<img
                                    src="{{ $row->card }}" alt="{{ $row->cardText }}" width="52" height="52"
                                    loading="lazy">
                            @endif
                        </td>
                        <td><a class="name" href="{{ route('board', $row->code) }}">{{ $row->name }}</a><br><span
                                class="quiet">{{ $row->code }}@if ($row->category !== '')
                                    · @path($row->category)
                                @endif
                            </span>
                        </td>
                        <td><span class="colors">
                                @foreach ($row->shownColors() as $color)
                                    <span title="{{ $color->label }}"><x-swatch-chip :swatch="$color->swatch" /><span
                                            class="visually-hidden">{{ $color->label }}</span></span>
                                    @endforeach @if ($row->moreColors() > 0)
                                        <small
                                            class="quiet">{{ __('catalog.more_colors_more', ['more_colors' => $row->moreColors()]) }}</small>
                                    @endif
                            </span>
                        </td>
                        <td>{{ $row->sizes }}</td>
                        <td class="number">@number($row->skus)@if ($row->skus !== $row->cells)
                                <br><span
                                    class="quiet">{{ __($row->leftOut > 0 ? 'catalog.of_cells_left_out' : 'catalog.of_cells', ['cells' => $row->cells, 'left_out' => $row->leftOut]) }}</span>
                            @endif
                        </td>
                        <td class="number">{{ $row->pictures }}@if ($row->unlinked > 0)
                                <br><span
                                    class="warns">{{ __('catalog.unlinked_not_linked', ['unlinked' => $row->unlinked]) }}</span>
                            @endif
                        </td>
                        <td>
                            @if ($row->percent === null)
                            <span class="quiet">{{ __('catalog.no_shot_list') }}</span>@else<svg class="bar"
                                    viewBox="0 0 100 5" preserveAspectRatio="none" aria-hidden="true">
                                    <rect class="fill" width="{{ $row->percent }}" height="5" />
                                </svg>{{ $row->percent }} %
                            @endif
                        </td>
                        <td class="number">{{ $row->prices }}</td>
                        <td class="number">
                            @if (!$row->isCounted())
                                <span class="quiet">{{ __('catalog.not_counted') }}</span>
                            @else
                                @number($row->units)
                                @if ($row->notCounted > 0)
                                    <br><span
                                        class="quiet">{{ __('catalog.not_counted_not_counted', ['not_counted' => $row->notCounted]) }}</span>
                                @endif
                            @endif
                        </td>
                        <td class="number">{{ $row->changed }}</td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    </div>
    <x-list-pages :page="$page" />
@endif
