@extends('layout.app')
@section('title', 'Colors of '.$product->name)
@section('kept')<x-kept :of="$product"/>@endsection
@section('content')
<x-product-head :product="$product" current="colors"/>
<div class="page"><div id="live">@include('colors.inner')</div></div>
@endsection
