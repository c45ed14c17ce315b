@extends('layout.app')
@section('title', __('history.history_of_the_library'))
@section('kept')<x-kept :of="$library" />@endsection
@section('content')
    <div class="page" data-version="{{ $library->version }}">
        @include('library.head', ['part' => 'history'])
        @if ($entries->isEmpty())
            <p class="empty">{{ __('history.nothing_has_been_changed_in_the') }}</p>
        @else
            <table class="plain">
                <thead>
                    <tr>
                        <th scope="col">{{ __('history.when') }}</th>
                        <th scope="col">{{ __('history.who') }}</th>
                        <th scope="col"><span class="visually-hidden">{{ __('history.picture') }}</span></th>
                        <th scope="col">{{ __('history.what') }}</th>
                    </tr>
                </thead>@include('history.entries', ['product' => null])
            </table>
        @endif
        {{ $entries->links('catalog.pages') }}
    </div>
@endsection
