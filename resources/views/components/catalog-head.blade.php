@props(['place'])
<div class="library-head">
    <h1>{{ $place === 'shooting-list' ? 'Shooting list' : 'Catalog' }}</h1>
    <nav class="views" aria-label="Views of the catalog">
        @foreach (['catalog' => 'Products', 'coverage.catalog' => 'Coverage', 'shooting-list' => 'Shooting list'] as $route => $label)
            <a href="{{ route($route) }}"
                @if ($place === $route) aria-current="page" @endif>{{ $label }}</a>
        @endforeach
    </nav>
    {{ $slot }}
</div>
