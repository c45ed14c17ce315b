<div class="library-head">
    <h1>Library</h1>
    <nav class="views" aria-label="Parts of the library">
        @foreach (['axes' => ['library', 'Axes and values'], 'runs' => ['library.runs', 'Size runs'], 'shots' => ['library.shots', 'Shot lists'], 'codes' => ['library.codes', 'Codes'], 'texts' => ['library.texts', 'Alt texts'], 'banners' => ['library.banners', 'Banners'], 'history' => ['library.history', 'History']] as $name => [$route, $label])
            <a href="{{ route($route) }}"
                @if ($part === $name || (in_array($part, ['axis', 'colors'], true) && $name === 'axes')) aria-current="page" @endif>{{ $label }}</a>
        @endforeach
    </nav>
</div>
