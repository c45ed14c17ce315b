<nav class="views" aria-label="{{ __('parts.views_of_this_product') }}">
    @foreach ($pages() as $page)
        <a href="{{ route($page->value, $product) }}"
            @if ($current === $page->value) aria-current="page" @endif>{{ $page->title() }}</a>
    @endforeach
</nav>
