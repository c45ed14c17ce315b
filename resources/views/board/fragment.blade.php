@include('board.inner')
<x-kept :of="$product" :swap="true" />
