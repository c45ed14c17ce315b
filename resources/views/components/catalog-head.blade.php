@props(['place'])
<div class="library-head">
    <h1>{{ $place === 'shooting-list' ? __('parts.shooting_list') : __('parts.catalog') }}</h1>
    <nav class="views" aria-label="{{ __('parts.views_of_the_catalog') }}">
        @foreach (['catalog', 'coverage.catalog', 'shooting-list', 'combine'] as $route)
            <a href="{{ route($route) }}"
                @if ($place === $route) aria-current="page" @endif>{{ __("parts.place_{$route}") }}</a>
        @endforeach
    </nav>
    {{ $slot }}
</div>
