@extends('layout.app')
@section('title', 'History of the library')
@section('kept')<x-kept :of="$library" />@endsection
@section('content')
    <div class="page" data-version="{{ $library->version }}">
        @include('library.head', ['part' => 'history'])
        @if ($entries->isEmpty())
            <p class="empty">Nothing has been changed in the library yet. What is changed from a product’s board is in that
                product’s history.</p>
        @else
            <table class="plain">
                <thead>
                    <tr>
                        <th scope="col">When</th>
                        <th scope="col">Who</th>
                        <th scope="col"><span class="visually-hidden">Picture</span></th>
                        <th scope="col">What</th>
                    </tr>
                </thead>@include('history.entries', ['product' => null])
            </table>
        @endif
        {{ $entries->links('catalog.pages') }}
    </div>
@endsection
