@extends('layout.app')
@section('title', __('layout.not_possible'))
@section('content')
    <div class="page"><x-notice :message="$message" />
        <p><a href="{{ route('catalog') }}">{{ __('layout.to_the_catalog') }}</a></p>
    </div>
@endsection
