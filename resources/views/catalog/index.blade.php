@extends('layout.app')
@section('title', __('catalog.catalog'))
@section('content')
    <div class="page">
        <x-catalog-head place="catalog">
            @can('edit')
                <x-new-product :label="__('catalog.new_product')" :shot-lists="$page->shotLists" :likes="$page->rows" />
            @endcan
        </x-catalog-head>
        @include('catalog.filters')
        <div id="catalog-list">@include('catalog.list')</div>
    </div>
@endsection
