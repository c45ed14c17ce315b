@extends('layout.app')
@section('title', __('history.comparison_of', ['name' => $product->name]))
@section('kept')<x-kept :of="$product" />@endsection
@section('content')
    <x-product-head :product="$product" current="history" />
    <div class="page comparison">
        <dl class="points">
            <div>
                <dt>{{ __('history.from') }}</dt>
                <dd>{{ $comparison->point($comparison->from) }}</dd>
            </div>
            <div>
                <dt>{{ __('history.to') }}</dt>
                <dd>{{ $comparison->point($comparison->to) }}</dd>
            </div>
        </dl>
        @forelse ($comparison->sections as $section => $differences)
            <h2>{{ $section }} <small class="quiet">@number($differences->all)</small></h2>
            <ul>
                @foreach ($differences->shown as $difference)
                    <li>{{ $difference->words }}</li>
                @endforeach
                @if ($differences->more > 0)
                    <li class="quiet">{{ __('history.and_differences_more', ['differences' => $differences->more]) }}</li>
                @endif
            </ul>
        @empty
            <p class="empty">{{ __('history.the_product_is_the_same_at') }}</p>
        @endforelse
        <p><a class="btn btn-plain" href="{{ route('history', $product) }}">{{ __('history.other_points') }}</a> <a
                class="btn btn-plain"
                href="{{ route('history.compare', ['product' => $product, 'from' => $comparison->from->id]) }}">{{ __('history.compare_from_with_now') }}</a>
        </p>
    </div>
@endsection
