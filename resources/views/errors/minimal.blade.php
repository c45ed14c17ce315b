<!doctype html>
<html lang="en">

<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>@yield('title') · Indigo Slate</title>
    <link rel="icon" href="/mark.svg" type="image/svg+xml">
    @vite(['resources/scss/app.scss'])
</head>

<body class="sign-in">
    <main>
        <x-mark />
        <h1>@yield('message')</h1>
        <p class="quiet">@yield('code'). Nothing was changed.</p>
        <p><a class="btn btn-primary" href="/">To the catalog</a></p>
    </main>
</body>

</html>
