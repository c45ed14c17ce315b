@props(['name'])
<span {{ $attributes->class('icon') }} aria-hidden="true">{!! App\Http\Screens\Icons::svg($name) !!}</span>
