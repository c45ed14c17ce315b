@extends('layout.app')
@section('title', 'Not possible')
@section('content')
    <div class="page"><x-notice :message="$message" />
        <p><a href="{{ route('catalog') }}">To the catalog</a></p>
    </div>
@endsection
