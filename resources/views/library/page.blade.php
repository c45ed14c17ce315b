@extends('layout.app')
@section('title', $part === 'axis' ? $axis->name . ' in the library' : 'Library')
@section('kept')<x-kept :of="$library->library" />@endsection
@section('content')
    <div class="page">
        @include('library.head')
        <div id="library">@include('library.' . $part)</div>
    </div>
@endsection
