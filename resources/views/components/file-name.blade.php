@props(['name'])
{{-- Where there is no room, the end stands on a line of its own and the beginning is cut: file names differ at the end. --}}
@php($end = min(12, intdiv(mb_strlen($name), 2)))
<span {{ $attributes->class('file-name') }}
    title="{{ $name }}"><span>{{ mb_substr($name, 0, mb_strlen($name) - $end) }}</span><span>{{ mb_substr($name, -$end) }}</span></span>
