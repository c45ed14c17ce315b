<div class="library-head">
    <h1>{{ __('library.library') }}</h1>
    <nav class="views" aria-label="{{ __('library.parts_of_the_library') }}">
        @foreach (['axes', 'runs', 'shots', 'codes', 'texts', 'banners', 'history'] as $place)
            <a href="{{ route($place === 'axes' ? 'library' : "library.{$place}") }}"
                @if ($place === $at) aria-current="page" @endif>{{ __("library.place_{$place}") }}</a>
        @endforeach
    </nav>
</div>
