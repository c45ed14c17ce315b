<a href="{{ route('board', ['product' => $product, 'selected' => $selected]) }}">
    @if ($isColor)
        <x-swatch-chip :swatch="$swatch" />
    @endif{{ $label }}
</a>
