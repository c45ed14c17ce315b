{{-- Drawn rather than styled: the page allows no style of its own. --}}
<svg {{ $attributes->class(['swatch', 'is-pale' => $isPale, 'is-dark' => $isDark]) }} viewBox="0 0 12 12"
    preserveAspectRatio="none" aria-hidden="true" focusable="false">
    @if ($drawing === '')
        <rect width="12" height="12" fill="#eceef2" />
        <path d="M-1 7 7-1M2 13 13 2" stroke="#b9bfcb" />@else{!! $drawing !!}
    @endif
</svg>
