<!doctype html>
<html lang="{{ app()->getLocale() }}" dir="{{ __('words.direction') }}">

<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>{{ __('session.sign_in_indigo_slate') }}</title>
    <link rel="icon" href="/mark.svg" type="image/svg+xml">
    @vite(['resources/scss/app.scss'])
</head>

<body class="sign-in">
    <main>
        <x-mark />
        <h1>{{ __('session.indigo_slate') }}</h1>
        <p class="quiet">{{ __('session.the_right_picture_for_every_size') }}</p>
        @if ($said !== '')
            <p role="status" class="said">{{ $said }}</p>
        @endif
        <form method="post" action="{{ route('sign-in') }}">
            <input type="hidden" name="_token" value="{{ $ticket }}">
            <input type="hidden" name="to" value="{{ $to }}">
            <div class="field">
                <label for="email">{{ __('session.email_address') }}</label>
                <input class="form-control" type="email" id="email" name="email" value="{{ $typed }}"
                    autocomplete="username" required autofocus
                    @if ($error !== '') aria-describedby="email-error" aria-invalid="true" @endif>
                @if ($error !== '')
                    <p class="error" id="email-error">{{ $error }}</p>
                @endif
            </div>
            <div class="field">
                <label for="password">{{ __('session.password') }}</label>
                <input class="form-control" type="password" id="password" name="password"
                    autocomplete="current-password" required>
            </div>
            <label class="check"><input class="form-check-input" type="checkbox" name="remember" value="1"
                    @checked($remembers)> {{ __('session.stay_signed_in_here_for_30') }}</label>
            <button class="btn btn-primary w-100">{{ __('session.sign_in') }}</button>
        </form>
    </main>
</body>

</html>
