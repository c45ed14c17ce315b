@props(['swatch' => null])
{{-- Drawn rather than styled: the page allows no style of its own. --}}
<svg {{ $attributes->class('swatch') }} viewBox="0 0 12 12" preserveAspectRatio="none" aria-hidden="true" focusable="false">
    @if ($swatch === null)
        <rect width="12" height="12" fill="#eceef2"/><path d="M-1 7 7-1M2 13 13 2" stroke="#b9bfcb"/>
    @else
        @php($colors = explode('/', $swatch))
        @foreach ($colors as $color)
            <rect x="{{ $loop->index * 12 / count($colors) }}" width="{{ 12 / count($colors) }}" height="12" fill="{{ $color }}"/>
        @endforeach
    @endif
    <rect x=".25" y=".25" width="11.5" height="11.5" fill="none" stroke="#000" stroke-opacity=".16" stroke-width=".5"/>
</svg>
