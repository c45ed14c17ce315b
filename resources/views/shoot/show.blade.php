@extends('layout.app')
@section('title', __('shoot.title', ['drop' => $screen->shoot->drop->name]))
@section('content')
    <div id="live" class="page">@include('shoot.inner')</div>
@endsection
