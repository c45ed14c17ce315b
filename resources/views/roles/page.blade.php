@extends('layout.app')
@section('title', 'Roles of '.$product->name)
@section('kept')<x-kept :of="$product"/>@endsection
@section('content')
<x-product-head :product="$product" current="roles"/>
<div class="page"><div id="live">@include('roles.inner')</div></div>
@endsection
