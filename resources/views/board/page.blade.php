@extends('layout.app')
@section('title', $product->name)
@section('main-class', 'is-board')
@section('kept')<x-kept :of="$product" />@endsection
@section('content')
    <div id="board" x-data="board">@include('board.inner')</div>
    <div id="drag-caption" role="status" hidden></div>
    <div id="numbers" hidden></div>
@endsection
