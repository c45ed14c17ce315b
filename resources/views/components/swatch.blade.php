@props(['swatch' => null, 'draft' => false])
{{-- Drawn rather than styled: the page allows no style of its own. An outline is drawn where it would be lost on its ground. --}}
<svg {{ $attributes->class(['swatch', 'is-pale' => $swatch?->needsOutline(new Core\Color\Srgb(255, 255, 255)), 'is-dark' => $swatch?->needsOutline(new Core\Color\Srgb(20, 23, 33))]) }}
    viewBox="0 0 12 12" preserveAspectRatio="none" aria-hidden="true" focusable="false">
    @if ($swatch === null)
        <rect width="12" height="12" fill="#eceef2" />
        <path d="M-1 7 7-1M2 13 13 2" stroke="#b9bfcb" />@else{!! $draft && $swatch->piece !== null
            ? App\Files\SwatchDrawing::draft($swatch, App\Media\PhotoSize::Gallery->address($swatch->piece->photoId))
            : App\Files\SwatchDrawing::inner($swatch) !!}
    @endif
</svg>
