@include('prices.inner')
<x-kept :of="$product" :swap="true"/>
