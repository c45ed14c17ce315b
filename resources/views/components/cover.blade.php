@props(['cell' => null, 'cover' => null, 'need' => null, 'thumb' => null])
@php
    $cover ??= $cell->cover;
    $need ??= $cell->shot->need;
    $isPartly = $cell !== null && $cell->lacking > 0 && $cell->lacking < $cell->skus;
@endphp
{{-- There: a full frame. Shared: a frame behind it. Missing: an empty frame, crossed where required, dashed where wanted. Not wanted: a dash. --}}
<svg {{ $attributes->class(['cover-mark', 'is-' . $cover->value, 'is-' . str_replace(' ', '-', $need->value)]) }}
    viewBox="0 0 48 48" aria-hidden="true" focusable="false">
    @if ($cover === Core\Gallery\Coverage\Cover::Missing && $need === Core\Gallery\Coverage\Need::NotWanted)
        <path d="M18 24h12" class="dash" />
    @elseif ($cover === Core\Gallery\Coverage\Cover::Missing)
        <rect x="4" y="4" width="40" height="40" rx="5" class="frame" />
        @if ($need === Core\Gallery\Coverage\Need::Required)
            <path d="m16 13 16 16M32 13 16 29" class="cross" />
        @else
            <circle cx="24" cy="21" r="6.5" class="ring" />
        @endif
        @if ($cell !== null)
            <text x="24" y="41"
                text-anchor="middle">{{ $isPartly ? $cell->lacking . ' of ' . $cell->skus : $cell->skus }}</text>
        @endif
    @else
        @if ($cover === Core\Gallery\Coverage\Cover::Shared)
            <path d="M10 4h30a4 4 0 0 1 4 4v30" class="behind" />
        @endif
        <rect x="4" y="{{ $cover === Core\Gallery\Coverage\Cover::Shared ? 9 : 4 }}"
            width="{{ $cover === Core\Gallery\Coverage\Cover::Shared ? 35 : 40 }}"
            height="{{ $cover === Core\Gallery\Coverage\Cover::Shared ? 35 : 40 }}" rx="4" class="frame" />
        @if ($thumb !== null)
            <image href="{{ $thumb }}" x="6" y="{{ $cover === Core\Gallery\Coverage\Cover::Shared ? 11 : 6 }}"
                width="{{ $cover === Core\Gallery\Coverage\Cover::Shared ? 31 : 36 }}"
                height="{{ $cover === Core\Gallery\Coverage\Cover::Shared ? 31 : 36 }}" />
        @endif
    @endif
</svg>
