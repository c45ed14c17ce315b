@extends('layout.app')
@section('title', 'Prices of '.$product->name)
@section('kept')<x-kept :of="$product"/>@endsection
@section('content')
<x-product-head :product="$product" current="prices"/>
<div class="page"><div id="live">@include('prices.inner')</div></div>
@endsection
