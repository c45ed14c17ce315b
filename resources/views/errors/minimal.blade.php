<!doctype html>
<html lang="{{ app()->getLocale() }}" dir="{{ __('words.direction') }}">

<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>@yield('title') {{ __('layout.indigo_slate') }}</title>
    <link rel="icon" href="/mark.svg" type="image/svg+xml">
    @vite(['resources/scss/app.scss'])
</head>

<body class="sign-in">
    <main>
        <x-mark />
        <h1>@yield('message')</h1>
        <p class="quiet">@yield('code'){{ __('layout.nothing_was_changed') }}</p>
        <p><a class="btn btn-primary" href="/">{{ __('layout.to_the_catalog') }}</a></p>
    </main>
</body>

</html>
