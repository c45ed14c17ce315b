@extends('layout.app')
@section('title', $screen->table->drop->name)
@section('main-class', 'is-intake')
@section('content')
    <div id="intake">@include('intake.inner')</div>
@endsection
