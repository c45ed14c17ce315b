@extends('layout.app')
@section('title', __('history.history_of', ['name' => $product->name]))
@section('kept')<x-kept :of="$product" />@endsection
@section('content')
    <x-product-head :product="$product" current="history" />
    <div class="page">
        <form method="get" action="{{ route('history.compare', $product) }}">
            <div class="history-bar">
                <p class="quiet">{{ __('history.undo_takes_back_your_own_changes') }}</p><button
                    class="btn btn-plain">{{ __('history.compare_the_two_points') }}</button>
            </div>
            <table class="plain history">
                <thead>
                    <tr>
                        <th scope="col">{{ __('history.from') }}</th>
                        <th scope="col">{{ __('history.to') }}</th>
                        <th scope="col">{{ __('history.when') }}</th>
                        <th scope="col">{{ __('history.who') }}</th>
                        <th scope="col"><span class="visually-hidden">{{ __('history.picture') }}</span></th>
                        <th scope="col">{{ __('history.what') }}</th>
                        <th scope="col"><span class="visually-hidden">{{ __('history.undo') }}</span></th>
                    </tr>
                </thead>
                @include('history.entries')
            </table>
        </form>
        {{ $entries->links('catalog.pages') }}
    </div>
@endsection
