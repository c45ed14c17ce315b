@extends('layout.app')
@section('title', $screen->package->name)
@section('content')
    <div class="page sheet">
        <p class="quiet"><a href="{{ route('intake') }}">{{ __('intake.intake') }}</a></p>
        <div id="sheet">
            @include('packages.inner')
        </div>
    </div>
@endsection
