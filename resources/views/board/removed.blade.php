@extends('layout.app')
@section('title', $product->name)
@section('kept')<x-kept :of="$product" />@endsection
@section('content')
    <div class="page" data-version="{{ $product->version }}">
        <h1>{{ $product->name }}</h1>
        <p class="empty">The making of this product was undone. Redo brings it back as it was; its code {{ $product->code }}
            is kept for it.</p>
        <p><a href="{{ route('catalog') }}">To the catalog</a></p>
    </div>
@endsection
