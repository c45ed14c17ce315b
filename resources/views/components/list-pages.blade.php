@props(['page'])
@if ($page->list->earlier !== null || $page->list->later !== null)
    <nav aria-label="Pages" class="pages">
        @if ($page->list->earlier !== null)
            <a class="btn btn-plain" href="{{ $page->address([]) }}">First</a><a class="btn btn-plain"
                href="{{ $page->address(['before' => $page->list->earlier]) }}" rel="prev">Earlier</a>
        @endif
        @if ($page->list->later !== null)
            <a class="btn btn-plain" href="{{ $page->address(['after' => $page->list->later]) }}"
                rel="next">Later</a><a class="btn btn-plain"
                href="{{ $page->address(['before' => 'end']) }}">Last</a>
        @endif
    </nav>
@endif
