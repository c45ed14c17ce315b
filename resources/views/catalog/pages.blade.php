@if ($paginator->hasPages())
    <nav aria-label="{{ __('catalog.pages') }}" class="pages">
        @if (!$paginator->onFirstPage())
            <a class="btn btn-plain" href="{{ $paginator->previousPageUrl() }}"
                rel="prev">{{ __('catalog.earlier') }}</a>
        @endif
        <span
            class="quiet">{{ __('catalog.page_current_page_of_last_page', ['current_page' => $paginator->currentPage(), 'last_page' => $paginator->lastPage()]) }}</span>
        @if ($paginator->hasMorePages())
            <a class="btn btn-plain" href="{{ $paginator->nextPageUrl() }}" rel="next">{{ __('catalog.later') }}</a>
        @endif
    </nav>
@endif
