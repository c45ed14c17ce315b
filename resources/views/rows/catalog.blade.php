@extends('layout.app')
@section('title', $screen->title())
@section('content')
    <div class="page rows-page">
        <p class="quiet"><a href="{{ route('catalog') }}">{{ __('parts.catalog') }}</a></p>
        <h1>{{ $screen->title() }}</h1>
        <div id="live">@include('rows.catalog-inner')</div>
    </div>
@endsection
