{{-- A page of a product: what its screen shows, what stands beside it, and what opens over it. --}}
@extends('layout.app')
@section('title', __('layout.page_of_product', ['page' => $productPage->title(), 'name' => $product->name]))
@section('kept')<x-kept :of="$product" />@endsection
@section('content')
    <x-product-head :product="$product" :current="$productPage->value" />
    <div class="page {{ $productPage->value }}-page">
        <div id="live">@include("{$productPage->value}.inner")</div>
        @includeIf("{$productPage->value}.beside")
    </div>
    @includeIf("{$productPage->value}.over")
@endsection
