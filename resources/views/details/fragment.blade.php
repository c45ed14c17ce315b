@include('details.inner')
<x-kept :of="$product" :swap="true"/>
