@extends('layout.app')
@section('title', $product->name)
@section('kept')<x-kept :of="$product" />@endsection
@section('content')
    <div class="page" data-version="{{ $product->version }}">
        <h1>{{ $product->name }}</h1>
        <p class="empty">{{ __('board.the_making_of_this_product_was', ['code' => $product->code]) }}</p>
        <p><a href="{{ route('catalog') }}">{{ __('board.to_the_catalog') }}</a></p>
    </div>
@endsection
