@extends('layout.app')
@section('title', $part === 'axis' ? __('library.title_axis', ['axis' => $axis->name]) : __('library.library'))
@section('kept')<x-kept :of="$library->library" />@endsection
@section('content')
    <div class="page">
        @include('library.head')
        <div id="library">@include('library.' . $part)</div>
    </div>
@endsection
