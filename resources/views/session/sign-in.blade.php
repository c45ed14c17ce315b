<!doctype html>
<html lang="en">

<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>Sign in · Indigo Slate</title>
    <link rel="icon" href="/mark.svg" type="image/svg+xml">
    @vite(['resources/scss/app.scss'])
</head>

<body class="sign-in">
    <main>
        <x-mark />
        <h1>Indigo Slate</h1>
        <p class="quiet">The right picture for every size, color and style.</p>
        @if ($said !== '')
            <p role="status" class="said">{{ $said }}</p>
        @endif
        <form method="post" action="{{ route('sign-in') }}">
            <input type="hidden" name="_token" value="{{ $ticket }}">
            <input type="hidden" name="to" value="{{ $to }}">
            <div class="field">
                <label for="email">Email address</label>
                <input class="form-control" type="email" id="email" name="email" value="{{ $typed }}"
                    autocomplete="username" required autofocus
                    @if ($error !== '') aria-describedby="email-error" aria-invalid="true" @endif>
                @if ($error !== '')
                    <p class="error" id="email-error">{{ $error }}</p>
                @endif
            </div>
            <div class="field">
                <label for="password">Password</label>
                <input class="form-control" type="password" id="password" name="password"
                    autocomplete="current-password" required>
            </div>
            <label class="check"><input class="form-check-input" type="checkbox" name="remember" value="1"
                    @checked($remembers)> Stay signed in here for 30 days</label>
            <button class="btn btn-primary w-100">Sign in</button>
        </form>
    </main>
</body>

</html>
