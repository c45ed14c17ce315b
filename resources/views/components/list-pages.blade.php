@props(['page'])
@if ($page->list->earlier !== null || $page->list->later !== null)
    <nav aria-label="{{ __('parts.pages') }}" class="pages">
        @if ($page->list->earlier !== null)
            <a class="btn btn-plain" href="{{ $page->address([]) }}">{{ __('parts.first') }}</a><a class="btn btn-plain"
                href="{{ $page->address(['before' => $page->list->earlier]) }}"
                rel="prev">{{ __('parts.earlier') }}</a>
        @endif
        @if ($page->list->later !== null)
            <a class="btn btn-plain" href="{{ $page->address(['after' => $page->list->later]) }}"
                rel="next">{{ __('parts.later') }}</a><a class="btn btn-plain"
                href="{{ $page->address(['before' => 'end']) }}">{{ __('parts.last') }}</a>
        @endif
    </nav>
@endif
