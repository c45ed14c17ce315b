@include('colors.inner')
<x-kept :of="$product" :swap="true"/>
