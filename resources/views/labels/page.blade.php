@extends('layout.app')
@section('title', 'Labels of ' . $product->name)
@section('content')
    <x-product-head :product="$product" current="labels" />
    <div class="page labels">
        <form class="not-printed label-choice" method="get" action="{{ route('labels', $product) }}">
            <input type="hidden" name="selected" value="{{ $selected }}">
            <p>{{ number_format(count($screen->labels())) }} {{ count($screen->labels()) === 1 ? 'label' : 'labels' }} of
                {{ number_format(count($screen->skus)) }} {{ count($screen->skus) === 1 ? 'SKU' : 'SKUs' }}.@if ($screen->withoutGtin() > 0)
                    {{ number_format($screen->withoutGtin()) }} {{ $screen->withoutGtin() === 1 ? 'has' : 'have' }} no GTIN:
                    {{ $screen->withoutGtin() === 1 ? 'its label has' : 'their labels have' }} no bars.
                    @endif @if ($screen->isCut())
                        Only the first {{ number_format($screen::MOST) }} are drawn: print them in parts.
                    @endif
            </p>
            <details>
                <summary>How many of each</summary>
                <table class="plain">
                    <thead>
                        <tr>
                            <th scope="col">SKU</th>
                            <th scope="col">Code</th>
                            <th scope="col" class="number">In stock</th>
                            <th scope="col">Labels</th>
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
                                        aria-label="Labels of {{ $sku->code }}"></td>
                            </tr>
                        @endforeach
                    </tbody>
                </table>
                <button class="btn btn-plain">Show these</button>
            </details>
            <p><button type="button" class="btn btn-primary" data-do="print">Print</button> <span class="quiet">On A4,
                    three to a row; the bars are drawn to be read at full size.</span></p>
        </form>
        <ul class="label-sheet">
            @foreach ($screen->labels() as $sku)
                <li class="paper-label"><b>{{ $product->name }}</b><span>{{ $screen->loaded->core->placeOf($sku) }}</span>
                    @if ($screen->barcode($sku) !== null)
                        {!! $screen->barcode($sku) !!}
                    @else
                        <span class="no-bars">no GTIN</span>
                    @endif
                    <span
                        class="label-foot"><code>{{ $sku->code }}</code><span>{{ $screen->price($sku) }}</span></span>
                </li>
            @endforeach
        </ul>
    </div>
@endsection
