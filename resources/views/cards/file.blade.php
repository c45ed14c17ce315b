<!doctype html>
<html lang="{{ app()->getLocale() }}">

<head>
    <meta charset="utf-8">
    <title>{{ __('cards.slate_cards') }}</title>
    <style>
        @page {
            margin: 0;
            size: 148mm 105mm;
        }

        body {
            margin: 0;
        }

        svg {
            break-after: page;
            display: block;
        }
    </style>
</head>

<body>
    @foreach ($drawings as $drawing)
        {!! $drawing !!}
    @endforeach
</body>

</html>
