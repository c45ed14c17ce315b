@can('edit')
    @if ($board->lens === App\Http\Lens::Photos)
        @if ($loaded->matrix->axes !== [])
            <div class="editor">
                <button type="button" class="btn btn-plain" data-dialog="{{ route('leave-out.plan', $product) }}" data-verb="POST">Leave out…</button>
                <details class="menu" id="more"><summary class="btn btn-plain">More</summary><div role="group" aria-label="More for the selection">
                    <button type="button" data-dialog="{{ route('leave-out.plan', $product) }}" data-verb="POST" data-with="{{ json_encode(['again' => 1]) }}">Offer again…</button>
                    <button type="button" data-dialog="{{ route('rules', $product) }}" data-verb="POST">Left-out rules…</button>
                    <button type="button" data-post="{{ route('opening', $product) }}" title="Shoppers see the selected SKU first">Opens with this SKU</button>
                </div></details>
            </div>
        @endif
    @else
        <form class="editor" data-act="{{ route(['codes' => 'skus.code', 'prices' => 'skus.price', 'stock' => 'skus.stock'][$board->lens->value], $product) }}">
            <label for="typed">{{ ['codes' => 'Code of one SKU', 'prices' => $product->currency, 'stock' => 'Each'][$board->lens->value] }}</label>
            <input class="form-control" id="typed" name="typed" autocomplete="off" title="{{ ['codes' => 'The code of one SKU', 'prices' => '49.90 sets the price, +5 and -10 % change it, nothing gives it back to the product', 'stock' => 'Units of each SKU; nothing: not counted'][$board->lens->value] }}" @if ($board->lens !== App\Http\Lens::Codes) inputmode="decimal" @endif>
            <button class="btn btn-plain">Set</button>
            @if ($board->lens !== App\Http\Lens::Codes)<button type="button" class="btn btn-plain" data-fill title="The first row of the selection over the rows below it, or the first cell of a row over those beside it (D)">Fill</button>@endif
            @if ($board->lens->details() !== [])
                <details class="menu" id="more-numbers"><summary class="btn btn-plain">More</summary><div role="group" aria-label="More for the selection">
                    <button type="button" data-dialog="{{ route('skus.about', $product) }}" data-verb="POST">About this SKU…</button>
                    @if ($board->lens === App\Http\Lens::Prices)<button type="button" data-dialog="{{ route('skus.price.plan', $product) }}" data-verb="POST">Raise, lower, round…</button>@endif
                    @foreach ($board->lens->details() as $detail)<button type="button" data-dialog="{{ route('details.part', $product) }}" data-verb="POST" data-with="{{ json_encode(['detail' => $detail->value]) }}">{{ $detail->label() }}…</button>@endforeach
                </div></details>
            @endif
        </form>
    @endif
@endcan
