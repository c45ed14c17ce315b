@extends('layout.app')
@section('title', 'Details of '.$product->name)
@section('kept')<x-kept :of="$product"/>@endsection
@section('content')
<x-product-head :product="$product" current="details"/>
<div class="page details-page">
    <div id="live">@include('details.inner')</div>
    @can('edit')
        <h2>Another product like this</h2>
        <form class="new-product" method="post" action="{{ route('products.store') }}">
            <x-once/>
            <input type="hidden" name="like" value="{{ $product->code }}">
            <p class="quiet">With the same axes, values, left-out rules, opening values, shot list and code pattern: {{ Core\Matrix\Arithmetic::of($loaded->matrix)->inWords() }}. SKUs get codes of their own; pictures, prices, stock and details stay here.</p>
            <div>
                <div class="field"><label for="copy-name">Name</label><input class="form-control" id="copy-name" name="name" value="{{ old('name') }}" maxlength="120" required></div>
                <div class="field"><label for="copy-code">Code</label><input class="form-control" id="copy-code" name="code" value="{{ old('code') }}" maxlength="40" required autocapitalize="characters">@error('code')<p class="error">{{ $message }}</p>@enderror</div>
                <button class="btn btn-primary submit">Make product</button>
            </div>
        </form>
    @endcan
    <h2>Take it out</h2>
    <p><a class="btn btn-plain" href="{{ route('sheet', $product) }}"><x-icon name="download"/> Flat sheet (CSV)</a> <a class="btn btn-plain" href="{{ route('json-ld', $product) }}"><x-icon name="download"/> JSON-LD</a></p>
</div>
@endsection
