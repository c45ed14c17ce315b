<svg class="cover-bar is-{{ $need }}" viewBox="0 0 62 12" aria-hidden="true" focusable="false">
    <rect x="1" y="1" width="60" height="10" class="all" />
    <rect x="1" y="1" width="{{ $there }}" height="10" class="there" />
    <rect x="{{ $sharedFrom }}" y="6" width="{{ $shared }}" height="5" class="shared" />
</svg>
