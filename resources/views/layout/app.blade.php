<!doctype html>
<html lang="en">

<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="csrf-token" content="{{ csrf_token() }}">
    <meta name="htmx-config" content='{"includeIndicatorStyles":false,"allowEval":false}'>
    <title>@yield('title') · Indigo Slate</title>
    <link rel="icon" href="/mark.svg" type="image/svg+xml">
    @vite(['resources/scss/app.scss', 'resources/js/app.js'])
</head>

<body hx-ext="morph">
    <a class="skip" href="#main">To the content</a>
    <div class="app">
        <nav class="rail" aria-label="Places">
            <a href="{{ route('catalog') }}" aria-label="Indigo Slate"><x-mark /></a>
            <a class="place" href="{{ route('catalog') }}"
                @if (request()->routeIs('catalog', 'coverage.catalog', 'shooting-list')) aria-current="page" @endif><x-icon name="layout-list" />Catalog</a>
            <a class="place" href="{{ route('intake') }}"
                @if (request()->routeIs('intake*')) aria-current="page" @endif><x-icon name="inbox" />Intake</a>
            <a class="place" href="{{ route('batches') }}"
                @if (request()->routeIs('batch*')) aria-current="page" @endif><x-icon name="list-checks" />Bulk desk</a>
            <a class="place" href="{{ route('library') }}"
                @if (request()->routeIs('library*')) aria-current="page" @endif><x-icon name="swatch-book" />Library</a>
            <a class="place" href="{{ route('help') }}"
                @if (request()->routeIs('help')) aria-current="page" @endif><x-icon name="book-open" />Help</a>
            @can('release')
                <a class="place" href="{{ route('works') }}"
                    @if (request()->routeIs('works*')) aria-current="page" @endif><x-icon name="activity" />Works</a>
                <a class="place" href="{{ route('accounts') }}"
                    @if (request()->routeIs('accounts*')) aria-current="page" @endif><x-icon name="users" />Accounts</a>
            @endcan
        </nav>
        <header class="topbar">
            <div class="jump" x-data="jump">
                <label>
                    <span class="visually-hidden">Jump to a product, SKU or photo</span>
                    <input class="form-control" type="search" id="jump" name="q" autocomplete="off"
                        placeholder="Jump to a product, SKU, photo…" x-ref="field" x-on:keydown="leave($event)"
                        hx-get="{{ route('jump') }}" hx-trigger="input changed delay:150ms" hx-target="#hits"
                        hx-swap="innerHTML">
                    <kbd aria-hidden="true">/</kbd>
                </label>
                <div id="hits" x-ref="hits" role="status"></div>
            </div>
            @hasSection('kept')
                @yield('kept')
            @else
                <div class="kept"></div>
            @endif
            <a class="who" href="{{ route('own-account') }}"
                title="{{ auth()->user()->email }}, may {{ auth()->user()->right->inWords() }}. Name, password, time zone">{{ auth()->user()->name }}</a>
            <form method="post" action="{{ route('sign-out') }}">
                <x-once />
                <button class="btn btn-quiet" title="Sign out"><x-icon name="log-out" /><span
                        class="visually-hidden">Sign out</span></button>
            </form>
        </header>
        <main class="main @yield('main-class')" id="main" tabindex="-1">
            <div id="notice" aria-live="assertive">
                @if ($errors->has('refused'))
                    <x-notice :message="$errors->first('refused')" />
                @endif
            </div>
            @yield('content')
        </main>
    </div>
    <div id="source-act" hidden></div>
    <div id="source-file" hx-encoding="multipart/form-data" hidden></div>
    <div id="source-read" hidden></div>
    <div id="source-tray" hidden></div>
    <div id="source-dialog" hidden></div>
    <dialog id="dialog" aria-labelledby="dialog-title">
        <div id="dialog-notice" aria-live="assertive"></div>
        <div id="dialog-body"></div>
    </dialog>
    @can('edit')
        <div id="intake-settings" hidden data-url="{{ route('intake.open') }}"
            data-place="{{ route('intake', absolute: false) }}"
            data-part="{{ route('intake.part', ['file' => 'FILE'], false) }}"
            data-bytes="{{ min(4 * 1024 * 1024, config('slate.uploads.most_bytes')) }}"
            @if (($product ?? null) instanceof App\Models\Product) data-product="{{ $product->code }}" @endif></div>
        <div id="intake-veil" hidden>
            <p>Let go: into the
                intake{{ ($product ?? null) instanceof App\Models\Product ? ', for ' . $product->name : '' }}
            </p>
        </div>
        <section id="sending" aria-label="Files being sent" hidden>
            <p role="status"></p>
            <progress max="1" value="0" aria-label="How much has arrived"></progress>
            <ul></ul>
            <div><a></a><button type="button" class="btn btn-quiet" data-hide>Close</button></div>
        </section>
    @endcan
    @include('layout.keys')
</body>

</html>
