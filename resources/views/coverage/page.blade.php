@extends('layout.app')
@section('title', 'Coverage of '.$product->name)
@section('kept')<x-kept :of="$product"/>@endsection
@section('content')
<x-product-head :product="$product" current="coverage"/>
<div class="page"><div id="live">@include('coverage.inner')</div><div id="uploads"></div></div>
<div id="drag-caption" role="status" hidden></div>
@endsection
