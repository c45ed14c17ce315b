{{-- Where there is no room, the end stands on a line of its own and the beginning is cut. --}}
<span {{ $attributes->class('file-name') }}
    title="{{ $name }}"><span>{{ $beginning }}</span><span>{{ $end }}</span></span>
