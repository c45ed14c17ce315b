@extends('layout.app')
@section('title', $screen->batch->words)
@section('content')
    <div class="page batches">
        <p class="quiet"><a href="{{ route('batches') }}">{{ __('batches.bulk_desk') }}</a></p>
        <h1>{{ $screen->batch->words }}</h1>
        <div id="batch">@include('batches.state')</div>
    </div>
@endsection
