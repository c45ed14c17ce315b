@extends('layout.app')
@section('title', __('labels.labels_of', ['name' => $product->name]))
@section('content')
    <x-product-head :product="$product" current="labels" />
    <div class="page labels">
        <form class="not-printed label-choice" method="get" action="{{ route('labels', $product) }}">
            <input type="hidden" name="selected" value="{{ $selected }}">
            <p>{{ __('labels.so_many_labels_of_skus', ['labels' => trans_choice('labels.labels_in_words', count($screen->labels())), 'skus' => trans_choice('labels.skus_in_words', count($screen->skus))]) }}
                @if ($screen->withoutGtin() > 0)
                    {{ trans_choice('labels.without_gtin_has_no_gtin_its', $screen->withoutGtin(), ['without_gtin' => $screen->withoutGtin()]) }}
                    @endif @if ($screen->isCut())
                        {{ __('labels.only_the_first', ['most' => $screen::MOST]) }}
                    @endif
            </p>
            <details>
                <summary>{{ __('labels.how_many_of_each') }}</summary>
                <table class="plain">
                    <thead>
                        <tr>
                            <th scope="col">{{ __('labels.sku') }}</th>
                            <th scope="col">{{ __('labels.code') }}</th>
                            <th scope="col" class="number">{{ __('labels.in_stock') }}</th>
                            <th scope="col">{{ __('labels.labels_2') }}</th>
                        </tr>
                    </thead>
                    <tbody>
                        @foreach ($screen->skus as $sku)
                            <tr>
                                <th scope="row">{{ $screen->loaded->core->placeOf($sku) }}</th>
                                <td>{{ $sku->code }}</td>
                                <td class="number">{{ $screen->units($sku) }}</td>
                                <td><input class="form-control" type="number" min="0" max="{{ $screen::MOST }}"
                                        name="copies[{{ $sku->id }}]" value="{{ $screen->copies($sku) }}"
                                        aria-label="{{ __('labels.labels_of_code', ['code' => $sku->code]) }}"></td>
                            </tr>
                        @endforeach
                    </tbody>
                </table>
                <button class="btn btn-plain">{{ __('labels.show_these') }}</button>
            </details>
            <p><button type="button" class="btn btn-primary" data-do="print">{{ __('labels.print') }}</button> <span
                    class="quiet">{{ __('labels.on_a4_three_to_a_row') }}</span></p>
        </form>
        <ul class="label-sheet">
            @foreach ($screen->labels() as $sku)
                <li class="paper-label"><b>{{ $product->name }}</b><span>{{ $screen->loaded->core->placeOf($sku) }}</span>
                    @if ($screen->barcode($sku) !== null)
                        {!! $screen->barcode($sku) !!}
                    @else
                        <span class="no-bars">{{ __('labels.no_gtin') }}</span>
                    @endif
                    <span
                        class="label-foot"><code>{{ $sku->code }}</code><span>{{ $screen->price($sku) }}</span></span>
                </li>
            @endforeach
        </ul>
    </div>
@endsection
