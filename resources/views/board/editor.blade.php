@can('edit')
    @if ($board->lens === App\Http\Lens::Photos)
        @if ($loaded->matrix->axes !== [])
            <div class="editor">
                <button type="button" class="btn btn-plain" data-dialog="{{ route('leave-out.plan', $product) }}" data-verb="POST">Leave out…</button>
                <button type="button" class="btn btn-plain" data-dialog="{{ route('leave-out.plan', $product) }}" data-verb="POST" data-with="{{ json_encode(['again' => 1]) }}">Offer again…</button>
            </div>
        @endif
    @else
        <form class="editor" data-act="{{ route(['codes' => 'skus.code', 'prices' => 'skus.price', 'stock' => 'skus.stock'][$board->lens->value], $product) }}">
            <label for="typed">{{ ['codes' => 'Code of one SKU', 'prices' => 'Price, '.$product->currency, 'stock' => 'In stock, each'][$board->lens->value] }}</label>
            <input class="form-control" id="typed" name="typed" autocomplete="off" @if ($board->lens !== App\Http\Lens::Codes) inputmode="decimal" @endif>
            <button class="btn btn-plain">Set</button>
        </form>
    @endif
@endcan
