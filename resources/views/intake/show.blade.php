@extends('layout.app')
@section('title', $screen->read->drop->name)
@section('main-class', 'is-intake')
@section('content')
    <div id="intake">@include('intake.inner')</div>
@endsection
