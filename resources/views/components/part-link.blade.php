@props(['product', 'names', 'part'])
@php([$isColor, $swatch] = $names->swatch($part))
<a href="{{ route('board', ['product' => $product, 'selected' => $names->selected($part)]) }}">
    @if ($isColor)
        <x-swatch :swatch="$swatch" />
    @endif{{ $names->label($part) }}
</a>
