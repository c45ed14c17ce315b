<h2 id="dialog-title">
    {{ $screen->sku->code }}</h2>
<p class="quiet">
    {{ $screen->loaded->core->placeOf($screen->sku) }}{{ $screen->sku->gtin === null ? '' : ' · GTIN ' . $screen->sku->gtin }}
    ·
    {{ $screen->stockInWords() }}{{ $screen->sku->weightG === null ? '' : ' · ' . number_format($screen->sku->weightG) . ' g (' . $screen->ounces() . ' oz)' }}
</p>
@if ($screen->barcode() !== null)
    {!! $screen->barcode() !!}
@endif
<div class="sku-parts">
    <section>
        <h3>Price</h3>
        @if ($screen->steps() !== [])
            <table class="plain price-steps">
                <thead>
                    <tr>
                        <th scope="col">Step</th>
                        <th scope="col" class="number">Change</th>
                        <th scope="col" class="number">{{ $product->currency }}</th>
                    </tr>
                </thead>
                <tbody>
                    @foreach ($screen->steps() as [$what, $change, $amount])
                        <tr>
                            <th scope="row">{{ $what }}</th>
                            <td class="number">{{ $change }}</td>
                            <td class="number">{{ $amount }}</td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
        @endif
        <p>{{ $screen->priceInWords() }}@if ($screen->pays()?->equals($screen->price->effective() ?? $screen->pays()) === false)
                Shoppers pay {{ $screen->pays()->shown() }} today.
            @endif
        </p>
    </section>
    @if ($screen->details() !== [])
        <section>
            <h3>Details</h3>
            <table class="plain">
                <tbody>
                    @foreach ($screen->details() as $label => $words)
                        <tr>
                            <th scope="row">{{ $label }}</th>
                            <td>{{ $words }}</td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
        </section>
    @endif
</div>
<div class="buttons"><button type="button" class="btn btn-plain" data-do="close">Close</button></div>
