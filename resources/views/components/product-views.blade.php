@props(['product', 'current'])
<nav class="views" aria-label="Views of this product">
    @foreach (App\Http\ProductPage::cases() as $page)
        <a href="{{ route($page->value, $product) }}"
            @if ($current === $page->value) aria-current="page" @endif>{{ $page->title() }}</a>
    @endforeach
</nav>
