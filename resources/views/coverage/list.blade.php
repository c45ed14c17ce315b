<p class="catalog-count" role="status">
    {{ $page->countInWords() }}@if ($page->list->meant !== null)
        .
    @endif
    @if ($page->list->meant !== null)
        @say('coverage.no_product_has_search_shown_is', ['search' => $page->asked->search, 'meant' => $page->list->meant])
        @endif{{ '' }}@if ($page->waiting > 0)
            <span class="quiet"> {{ __('coverage.waiting_still_being_counted', ['waiting' => $page->waiting]) }}</span>
        @endif <a class="change-all"
            href="{{ $page->shootingAddress() }}">{{ __('coverage.shooting_list_of_these') }}</a>
</p>
@if ($page->rows === [])
    <p class="empty">
        {{ $page->all() === 0 ? __('coverage.there_is_no_product_yet') : __('coverage.no_product_is_like_this_take') }}
    </p>
@else
    <div class="catalog coverage-list">
        <table class="plain">
            <thead>
                <tr>
                    <x-sorted-heads :page="$page" :columns="$screen->columns()" />
                    @foreach ($screen->views() as $view)
                        <th scope="col" class="view">{{ $view->label() }}</th>
                    @endforeach
                </tr>
            </thead>
            <tbody>
                @foreach ($page->rows as $row)
                    <tr>
                        <td><a class="name"
                                href="{{ route('coverage', $row->code) }}">{{ $row->name }}</a><br><span
                                class="quiet">{{ trans_choice('coverage.code_skus_sku', $row->skus, ['code' => $row->code, 'skus' => $row->skus]) }}</span>
                        </td>
                        <td class="number">
                            @if ($row->percent === null)
                                <span class="quiet">{{ __('coverage.no_list') }}</span>@else{{ $row->percent }} %
                            @endif
                        </td>
                        <td class="number">
                            @if ($row->holes > 0)
                            <b class="warns">@number($row->holes)</b>@else<span class="quiet">0</span>
                            @endif
                        </td>
                        <td class="number">
                            @if ($row->touched > 0)
                                @number($row->touched)
                            @endif
                        </td>
                        @foreach ($screen->cells($row) as $cell)
                            <td class="view">
                                @if ($cell->kept === null)
                                    <span class="visually-hidden">{{ __('coverage.not_on_its_list') }}</span>
                                @elseif (!$cell->kept->need->isWanted())
                                    <span class="quiet" title="{{ __('coverage.not_wanted') }}">–<span
                                        class="visually-hidden">{{ __('coverage.not_wanted') }}</span></span>@else<a
                                        href="{{ route('coverage', $row->code) }}"
                                        title="{{ $cell->view->label() }}, {{ $cell->kept->inWords() }}"
                                        aria-label="{{ $row->name }}: {{ $cell->view->name }}, {{ $cell->kept->inWords() }}"><x-cover-bar
                                            :kept="$cell->kept" /><span
                                            @class(['warns' => $cell->isWarning()])>{{ $cell->count() }}</span></a>
                                @endif
                            </td>
                        @endforeach
                    </tr>
                @endforeach
            </tbody>
        </table>
    </div>
    <x-list-pages :page="$page" />
@endif
