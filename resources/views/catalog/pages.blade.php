@if ($paginator->hasPages())
    <nav aria-label="Pages" class="pages">
        @if (!$paginator->onFirstPage())
            <a class="btn btn-plain" href="{{ $paginator->previousPageUrl() }}" rel="prev">Earlier</a>
        @endif
        <span class="quiet">Page {{ $paginator->currentPage() }} of {{ $paginator->lastPage() }}</span>
        @if ($paginator->hasMorePages())
            <a class="btn btn-plain" href="{{ $paginator->nextPageUrl() }}" rel="next">Later</a>
        @endif
    </nav>
@endif
