<!doctype html>
<html lang="en">

<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>In a moment · Indigo Slate</title>
    <link rel="icon" href="/mark.svg" type="image/svg+xml">
    @vite(['resources/scss/app.scss'])
</head>

<body class="sign-in">
    <main>
        <x-mark />
        <h1>In a moment</h1>
        <p class="quiet" role="status">{{ $message }}</p>
        <p><a class="btn btn-primary" href="{{ request()->fullUrl() }}">Ask again now</a></p>
    </main>
</body>

</html>
