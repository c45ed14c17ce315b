@props(['name', 'isOneLine' => true])
{{-- A name that may be too long for its place: there it is cut in the middle, since names differ at either end. Read aloud it is whole. --}}
@if (mb_strlen($name) > 22)
    <span class="visually-hidden">{{ $name }}</span><x-file-name :name="$name" @class(['one-line' => $isOneLine])
        aria-hidden="true" />@else{{ $name }}
@endif
