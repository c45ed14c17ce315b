<!doctype html>
<html lang="{{ app()->getLocale() }}" dir="{{ __('words.direction') }}">

<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="csrf-token" content="{{ csrf_token() }}">
    <meta name="htmx-config" content='{"includeIndicatorStyles":false,"allowEval":false}'>
    <title>@yield('title') {{ __('layout.indigo_slate') }}</title>
    <link rel="icon" href="/mark.svg" type="image/svg+xml">
    @vite(['resources/scss/app.scss', 'resources/js/app.js'])
</head>

<body hx-ext="morph">
    <a class="skip" href="#main">{{ __('layout.to_the_content') }}</a>
    <div class="app">
        <nav class="rail" aria-label="{{ __('layout.places') }}">
            <a href="{{ route('catalog') }}" aria-label="{{ __('layout.indigo_slate_2') }}"><x-mark /></a>
            <a class="place" href="{{ route('catalog') }}"
                @if (request()->routeIs('catalog', 'coverage.catalog', 'shooting-list')) aria-current="page" @endif><x-icon
                    name="layout-list" />{{ __('layout.catalog') }}</a>
            <a class="place" href="{{ route('intake') }}"
                @if (request()->routeIs('intake*')) aria-current="page" @endif><x-icon
                    name="inbox" />{{ __('layout.intake') }}</a>
            <a class="place" href="{{ route('batches') }}"
                @if (request()->routeIs('batch*')) aria-current="page" @endif><x-icon
                    name="list-checks" />{{ __('layout.bulk_desk') }}</a>
            <a class="place" href="{{ route('library') }}"
                @if (request()->routeIs('library*')) aria-current="page" @endif><x-icon
                    name="swatch-book" />{{ __('layout.library') }}</a>
            <a class="place" href="{{ route('help') }}"
                @if (request()->routeIs('help')) aria-current="page" @endif><x-icon
                    name="book-open" />{{ __('layout.help') }}</a>
            @can('release')
                <a class="place" href="{{ route('works') }}"
                    @if (request()->routeIs('works*')) aria-current="page" @endif><x-icon
                        name="activity" />{{ __('layout.works') }}</a>
                <a class="place" href="{{ route('accounts') }}"
                    @if (request()->routeIs('accounts*')) aria-current="page" @endif><x-icon
                        name="users" />{{ __('layout.accounts') }}</a>
            @endcan
        </nav>
        <header class="topbar">
            <div class="jump" x-data="jump">
                <label>
                    <span class="visually-hidden">{{ __('layout.jump_to_a_product_sku_or') }}</span>
                    <input class="form-control" type="search" id="jump" name="q" autocomplete="off"
                        placeholder="{{ __('layout.jump_to_a_product_sku_photo') }}" x-ref="field"
                        x-on:keydown="leave($event)" hx-get="{{ route('jump') }}"
                        hx-trigger="input changed delay:150ms" hx-target="#hits" hx-swap="innerHTML">
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
                title="{{ __('layout.email_may_right_name_password_time', ['email' => auth()->user()->email, 'right' => auth()->user()->right->inWords()]) }}">{{ auth()->user()->name }}</a>
            <form method="post" action="{{ route('sign-out') }}">
                <x-once />
                <button class="btn btn-quiet" title="{{ __('layout.sign_out') }}"><x-icon name="log-out" /><span
                        class="visually-hidden">{{ __('layout.sign_out') }}</span></button>
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
            data-bytes="{{ config('slate.uploads.part_bytes') }}"
            @isset($product) data-product="{{ $product->code }}" @endisset></div>
        <div id="intake-veil" hidden>
            <p>
                @isset($product)
                    {{ __('layout.let_go_for_product', ['product' => $product->name]) }}@else{{ __('layout.let_go') }}
                @endisset
            </p>
        </div>
        <section id="sending" aria-label="{{ __('layout.files_being_sent') }}" hidden>
            <p role="status"></p>
            <progress max="1" value="0" aria-label="{{ __('layout.how_much_has_arrived') }}"></progress>
            <ul></ul>
            <div><a></a><button type="button" class="btn btn-quiet" data-hide>{{ __('layout.close') }}</button></div>
        </section>
    @endcan
    @include('layout.keys')
    {{-- No script: what the scripts say, read by resources/js/words.js. --}}
    <script type="application/json" id="words">@json(__('scripts'))</script>
</body>

</html>
