<h2 id="dialog-title">
    {{ $screen->sku->code }}</h2>
<p class="quiet">
    {{ $screen->loaded->core->placeOf($screen->sku) }}{{ $screen->sku->gtin === null ? '' : __('board.gtin_gtin', ['gtin' => $screen->sku->gtin]) }}
    ·
    {{ $screen->stockInWords() }}{{ $screen->sku->weightG === null ? '' : __('board.grams_and_ounces', ['grams' => $screen->sku->weightG, 'ounces' => $screen->ounces()]) }}
</p>
@if ($screen->barcode() !== null)
    {!! $screen->barcode() !!}
@endif
<div class="sku-parts">
    <section>
        <h3>{{ __('board.price') }}</h3>
        @if ($screen->steps() !== [])
            <table class="plain price-steps">
                <thead>
                    <tr>
                        <th scope="col">{{ __('board.step') }}</th>
                        <th scope="col" class="number">{{ __('board.change') }}</th>
                        <th scope="col" class="number">{{ $product->currency }}</th>
                    </tr>
                </thead>
                <tbody>
                    @foreach ($screen->steps() as $step)
                        <tr>
                            <th scope="row">{{ $step->what }}</th>
                            <td class="number">{{ $step->change }}</td>
                            <td class="number">{{ $step->amount }}</td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
        @endif
        <p>{{ $screen->priceInWords() }}@if ($screen->pays()?->equals($screen->price->effective() ?? $screen->pays()) === false)
                {{ __('board.shoppers_pay_pays_today', ['pays' => $screen->pays()->shown()]) }}
            @endif
        </p>
    </section>
    @if ($screen->details() !== [])
        <section>
            <h3>{{ __('board.details') }}</h3>
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
<div class="buttons"><button type="button" class="btn btn-plain" data-do="close">{{ __('board.close') }}</button>
</div>
