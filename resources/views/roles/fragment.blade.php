@include('roles.inner')
<x-kept :of="$product" :swap="true"/>
