@extends('layout.app')
@section('title', __('coverage.coverage_of_the_catalog'))
@section('content')
    <div class="page">
        <x-catalog-head place="coverage.catalog" />
        @include('catalog.filters')
        <div id="catalog-list">@include('coverage.list')</div>
    </div>
@endsection
