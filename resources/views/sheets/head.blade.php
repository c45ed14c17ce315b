<div class="sheet-head">
    <div>
        <h1>{{ $screen->sheet->name }}</h1>
        <p class="quiet">{{ $screen->origin() }}</p>
    </div>
    <nav class="views" aria-label="{{ __('sheets.pages') }}">
        <a href="{{ route('sheet.columns', $screen->sheet) }}"
            @if ($screen->isColumns) aria-current="page" @endif>{{ __('sheets.columns') }}</a>
        <a href="{{ route('sheet', $screen->sheet) }}"
            @if (!$screen->isColumns) aria-current="page" @endif>{{ __('sheets.rows_page') }}</a>
    </nav>
</div>
@if ($screen->failure() !== '')
    <p class="notice is-bad" role="alert">{{ $screen->failure() }}</p>
@endif
@if ($screen->isMoving())
    <div class="sheet-work" hx-get="{{ request()->fullUrl() }}" hx-trigger="every 1s" hx-target="#sheet"
        hx-swap="morph:innerHTML">
        @if ($screen->isAtWork())
            <p role="status">{{ $screen->progressInWords() }}</p>
            <progress class="batch-progress" max="{{ $screen->total() }}" value="{{ $screen->through() }}"
                aria-label="{{ __('sheets.progress') }}">{{ $screen->through() }}</progress>
        @else
            <p role="status">{{ __('sheets.fetching') }}</p>
            <progress class="batch-progress" max="{{ $screen->addresses->all() }}"
                value="{{ $screen->addresses->through() }}"
                aria-label="{{ __('sheets.fetching_progress') }}">{{ $screen->addresses->through() }}</progress>
        @endif
    </div>
@endif
