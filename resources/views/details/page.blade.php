@extends('layout.app')
@section('title', 'Details of '.$product->name)
@section('kept')<x-kept :of="$product"/>@endsection
@section('content')
<x-product-head :product="$product" current="details"/>
<div class="page">
    <input type="hidden" id="version" name="version" value="{{ $product->version }}">
    <div class="facts">
        @foreach ([
            'name' => ['Name', 'What a shopper reads.', 120],
            'brand' => ['Brand', '', 80],
            'category' => ['Category', 'A path, such as Outerwear > Smocks.', 200],
            'price' => ["Price, {$product->currency}", 'Of every SKU that has none of its own.', 40],
        ] as $field => [$label, $hint, $most])
            <form class="field" hx-post="{{ route('details.update', $product) }}" hx-trigger="change" hx-target="#notice" hx-swap="innerHTML" hx-include="#version">
                <label for="{{ $field }}">{{ $label }}</label>
                <input type="hidden" name="field" value="{{ $field }}">
                <input class="form-control" id="{{ $field }}" name="value" maxlength="{{ $most }}" value="{{ $field === 'price' ? $loaded->prices->base?->shown() ?? '' : $product->{$field} }}" @cannot('edit') readonly @endcannot>
                @if ($hint !== '')<p class="hint">{{ $hint }}</p>@endif
            </form>
        @endforeach
        <div class="field"><span class="label">Currency</span><p class="currency"><b>{{ $product->currency }}</b>@can('edit') <button type="button" class="btn btn-plain" data-dialog="{{ route('currency', $product) }}">Change…</button>@endcan</p></div>
        <form class="field" hx-post="{{ route('details.update', $product) }}" hx-trigger="change" hx-target="#notice" hx-swap="innerHTML" hx-include="#version">
            <label for="shot_list">Shot list</label>
            <input type="hidden" name="field" value="shot_list_id">
            <select class="form-select" id="shot_list" name="value" @cannot('edit') disabled @endcannot>
                <option value="">None</option>
                @foreach ($shotLists as $list)<option value="{{ $list->id }}" @selected($product->shot_list_id === $list->id)>{{ $list->name }}: {{ implode(', ', $list->views) }}</option>@endforeach
            </select>
            <p class="hint">The views that this kind of product needs.</p>
        </form>
    </div>
    <form class="field" hx-post="{{ route('details.update', $product) }}" hx-trigger="change" hx-target="#notice" hx-swap="innerHTML" hx-include="#version">
        <label for="description">Description</label>
        <input type="hidden" name="field" value="description">
        <textarea class="form-control" id="description" name="value" rows="6" @cannot('edit') readonly @endcannot>{{ $product->description }}</textarea>
        @can('edit')<p class="hint"><button type="button" class="btn btn-plain" data-dialog="{{ route('details.pictures', $product) }}">Put a picture into it…</button> It comes where the cursor stands, as [picture 12].</p>@endcan
    </form>
    <p class="quiet">Each field is kept as you leave it.</p>
    <div id="facts">@include('details.facts')</div>
    @can('edit')
        <h2>Another product like this</h2>
        <form class="new-product" method="post" action="{{ route('products.store') }}">
            @csrf
            <input type="hidden" name="like" value="{{ $product->code }}">
            <p class="quiet">With the same axes, values, left-out rules, opening values and shot list: {{ Core\Matrix\Arithmetic::of($loaded->matrix)->inWords() }}. SKUs get codes of their own; pictures, prices and stock stay here.</p>
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
