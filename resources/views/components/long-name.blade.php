@props(['name', 'lines' => 1])
{{-- A name that may be too long for its place: there it is cut in the middle, since names differ at either end. --}}
@if (mb_strlen($name) > 22)<x-file-name :name="$name" :class="$lines === 1 ? 'one-line' : ''"/>@else{{ $name }}@endif
