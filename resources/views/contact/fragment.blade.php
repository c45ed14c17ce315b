@include('contact.inner')
<x-kept :of="$product" :swap="true"/>
