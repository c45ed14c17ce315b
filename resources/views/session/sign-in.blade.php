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
    <x-mark/>
    <h1>Indigo Slate</h1>
    <p class="quiet">The right picture for every size, color and style.</p>
    @if (session('said'))<p role="status" class="said">{{ session('said') }}</p>@endif
    <form method="post" action="{{ route('sign-in') }}">
        @csrf
        <div class="field">
            <label for="email">Email address</label>
            <input class="form-control" type="email" id="email" name="email" value="{{ old('email', $typed ?? '') }}" autocomplete="username" required autofocus @error('email') aria-describedby="email-error" aria-invalid="true" @enderror>
            @error('email')<p class="error" id="email-error">{{ $message }}</p>@enderror
        </div>
        <div class="field">
            <label for="password">Password</label>
            <input class="form-control" type="password" id="password" name="password" autocomplete="current-password" required>
        </div>
        <button class="btn btn-primary w-100">Sign in</button>
    </form>
</main>
</body>
</html>
