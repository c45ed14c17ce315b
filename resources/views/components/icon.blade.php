<span {{ $attributes->class('icon') }} aria-hidden="true">{!! $drawing !!}</span>
