@props(['product', 'current'])
<nav class="views" aria-label="Views of this product">
    @foreach (['board' => 'Board', 'contact' => 'Contact sheet', 'coverage' => 'Coverage', 'roles' => 'Roles', 'colors' => 'Colors', 'prices' => 'Prices', 'preview' => 'Shopper preview', 'details' => 'Details', 'history' => 'History'] as $name => $label)
        <a href="{{ route($name, $product) }}" @if ($current === $name) aria-current="page" @endif>{{ $label }}</a>
    @endforeach
</nav>
