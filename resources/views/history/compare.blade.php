@extends('layout.app')
@section('title', 'Comparison of ' . $product->name)
@section('kept')<x-kept :of="$product" />@endsection
@section('content')
    <x-product-head :product="$product" current="history" />
    <div class="page comparison">
        <dl class="points">
            <div>
                <dt>From</dt>
                <dd>{{ $comparison->point($comparison->from) }}</dd>
            </div>
            <div>
                <dt>To</dt>
                <dd>{{ $comparison->point($comparison->to) }}</dd>
            </div>
        </dl>
        @forelse ($comparison->sections as $section => $differences)
            <h2>{{ $section }} <small class="quiet">{{ number_format(count($differences)) }}</small></h2>
            <ul>
                @foreach ($comparison->shown($differences) as $difference)
                    <li>{{ $difference->words }}</li>
                @endforeach
                @if (count($differences) > count($comparison->shown($differences)))
                    <li class="quiet">and {{ number_format(count($differences) - count($comparison->shown($differences))) }}
                        more</li>
                @endif
            </ul>
        @empty
            <p class="empty">The product is the same at both points.</p>
        @endforelse
        <p><a class="btn btn-plain" href="{{ route('history', $product) }}">Other points</a> <a class="btn btn-plain"
                href="{{ route('history.compare', ['product' => $product, 'from' => $comparison->from->id]) }}">Compare
                “from” with now</a></p>
    </div>
@endsection
