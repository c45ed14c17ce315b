@include('library.' . $part)
<x-kept :of="$library->library" :swap="true" />
