<svg {{ $attributes->class($classes()) }} viewBox="0 0 48 48" aria-hidden="true" focusable="false">
    @if ($isMissing())
        @if (!$isWanted())
            <path d="M18 24h12" class="dash" />
        @else
            <rect x="4" y="4" width="40" height="40" rx="5" class="frame" />
            @if ($isRequired())
                <path d="m16 13 16 16M32 13 16 29" class="cross" />
            @else
                <circle cx="24" cy="21" r="6.5" class="ring" />
            @endif
            @if ($cell !== null)
                <text x="24" y="41" text-anchor="middle">{{ $count() }}</text>
            @endif
        @endif
    @elseif ($isShared())
        <path d="M10 4h30a4 4 0 0 1 4 4v30" class="behind" />
        <rect x="4" y="9" width="35" height="35" rx="4" class="frame" />
        @if ($thumb !== null)
            <image href="{{ $thumb }}" x="6" y="11" width="31" height="31" />
        @endif
    @else
        <rect x="4" y="4" width="40" height="40" rx="4" class="frame" />
        @if ($thumb !== null)
            <image href="{{ $thumb }}" x="6" y="6" width="36" height="36" />
        @endif
    @endif
</svg>
