<!doctype html>
<html lang="en">

<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta http-equiv="refresh" content="5">
    <title>Back in a moment · Indigo Slate</title>
    <link rel="icon" href="/mark.svg" type="image/svg+xml">
    @vite(['resources/scss/app.scss'])
</head>

<body class="sign-in">
    <main>
        <x-mark />
        <h1>Back in a moment</h1>
        <p class="quiet">{{ $message }} This page asks again every 5 seconds.</p>
        <p><a class="btn btn-primary"
                href="{{ request()->isMethod('GET') ? request()->fullUrl() : '/' }}">{{ request()->isMethod('GET') ? 'Ask again now' : 'To the catalog' }}</a>
        </p>
    </main>
</body>

</html>
