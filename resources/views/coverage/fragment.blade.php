@include('coverage.inner')
<x-kept :of="$product" :swap="true"/>
