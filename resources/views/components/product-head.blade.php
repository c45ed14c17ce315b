@props(['product', 'current'])
<div class="head" data-version="{{ $product->version }}">
    <div>
        <h1>{{ $product->name }}</h1>
        <p><b>{{ $product->code }}</b>
            @if ($product->category !== '')
                · @path($product->category)
            @endif
            @if ($slot->isNotEmpty())
                · {{ $slot }}
            @endif
        </p>
    </div>
    <x-product-views :product="$product" :current="$current" />
</div>
