@props(['kept'])
@php
    $all = max(1, $kept->parts());
    [$there, $shared] = [(60 * $kept->there) / $all, (60 * $kept->shared) / $all];
@endphp
{{-- There: full height. Shared: half. Missing: an outline, dashed where the view is only wanted. --}}
<svg class="cover-bar is-{{ $kept->need->value }}" viewBox="0 0 62 12" aria-hidden="true" focusable="false">
    <rect x="1" y="1" width="60" height="10" class="all" />
    <rect x="1" y="1" width="{{ round($there, 2) }}" height="10" class="there" />
    <rect x="{{ round(1 + $there, 2) }}" y="6" width="{{ round($shared, 2) }}" height="5" class="shared" />
</svg>
