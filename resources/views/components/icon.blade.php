@props(['name'])
<span {{ $attributes->class('icon') }} aria-hidden="true">{!! App\Http\Views\Icons::svg($name) !!}</span>
