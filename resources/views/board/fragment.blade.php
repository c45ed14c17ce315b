@include('board.inner')
<x-kept :product="$product" :swap="true"/>
