<!doctype html>
<html lang="{{ app()->getLocale() }}" dir="{{ __('words.direction') }}">

<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>{{ __('layout.in_a_moment_indigo_slate') }}</title>
    <link rel="icon" href="/mark.svg" type="image/svg+xml">
    @vite(['resources/scss/app.scss'])
</head>

<body class="sign-in">
    <main>
        <x-mark />
        <h1>{{ __('layout.in_a_moment') }}</h1>
        <p class="quiet" role="status">{{ $message }}</p>
        <p><a class="btn btn-primary" href="{{ request()->fullUrl() }}">{{ __('layout.ask_again_now') }}</a></p>
    </main>
</body>

</html>
