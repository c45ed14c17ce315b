<!doctype html>
<html lang="{{ app()->getLocale() }}" dir="{{ __('words.direction') }}">

<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta http-equiv="refresh" content="5">
    <title>{{ __('layout.back_in_a_moment_indigo_slate') }}</title>
    <link rel="icon" href="/mark.svg" type="image/svg+xml">
    @vite(['resources/scss/app.scss'])
</head>

<body class="sign-in">
    <main>
        <x-mark />
        <h1>{{ __('layout.back_in_a_moment') }}</h1>
        <p class="quiet">{{ __('layout.message_this_page_asks_again_every', ['message' => $message]) }}</p>
        <p><a class="btn btn-primary"
                href="{{ request()->isMethod('GET') ? request()->fullUrl() : '/' }}">{{ request()->isMethod('GET') ? __('layout.ask_again_now') : __('layout.to_the_catalog') }}</a>
        </p>
    </main>
</body>

</html>
