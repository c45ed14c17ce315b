@extends('layout.app')
@section('title', 'History of ' . $product->name)
@section('kept')<x-kept :of="$product" />@endsection
@section('content')
    <x-product-head :product="$product" current="history" />
    <div class="page">
        <form method="get" action="{{ route('history.compare', $product) }}">
            <div class="history-bar">
                <p class="quiet">Undo takes back your own changes; what others did meanwhile stays.</p><button
                    class="btn btn-plain">Compare the two points</button>
            </div>
            @php($points = $entries->getCollection()->whereNull('undone_at')->pluck('id'))
            <table class="plain history">
                <thead>
                    <tr>
                        <th scope="col">From</th>
                        <th scope="col">To</th>
                        <th scope="col">When</th>
                        <th scope="col">Who</th>
                        <th scope="col"><span class="visually-hidden">Picture</span></th>
                        <th scope="col">What</th>
                        <th scope="col"><span class="visually-hidden">Undo</span></th>
                    </tr>
                </thead>
                @include('history.entries')
            </table>
        </form>
        {{ $entries->links('catalog.pages') }}
    </div>
@endsection
