@php($lens = $board->lens)
@can('edit')
    @if ($lens->isPhotos())
        @if ($loaded->core->matrix->axes !== [])
            <div class="editor">
                <button type="button" class="btn btn-plain" data-dialog="{{ route('leave-out.plan', $product) }}"
                    data-verb="POST">Leave out…</button>
                <details class="menu" id="more">
                    <summary class="btn btn-plain">More</summary>
                    <div role="group" aria-label="More for the selection">
                        <button type="button" data-dialog="{{ route('leave-out.plan', $product) }}" data-verb="POST"
                            data-with="{{ json_encode(['again' => 1]) }}">Offer again…</button>
                        <button type="button" data-dialog="{{ route('rules', $product) }}" data-verb="POST">Left-out
                            rules…</button>
                        <button type="button" data-post="{{ route('opening', $product) }}"
                            title="Shoppers see the selected SKU first">Opens with this SKU</button>
                    </div>
                </details>
            </div>
        @endif
    @else
        <form class="editor" data-act="{{ $board->keepsAt() }}">
            <label class="visually-hidden" for="typed">{{ $lens->fieldLabel($product->currency) }}</label>
            <input class="form-control" id="typed" name="typed" autocomplete="off"
                placeholder="{{ $lens->field($product->currency) }}" title="{{ $lens->hint() }}"
                @if ($lens->isOfNumbers()) inputmode="decimal" @endif>
            <button class="btn btn-plain">Set</button>
            @if (!$lens->isOfOne())
                <button type="button" class="btn btn-plain" data-fill
                    title="The first row of the selection over the rows below it, or the first cell of a row over those beside it (D)">Fill</button>
            @endif
            <details class="menu" id="more-numbers">
                <summary class="btn btn-plain">More</summary>
                <div role="group" aria-label="More for the selection">
                    <button type="button" data-dialog="{{ route('skus.about', $product) }}" data-verb="POST">About this
                        SKU…</button>
                    @if ($lens->isCodes())
                        <button type="button" data-dialog="{{ route('codes.plan', $product) }}" data-verb="POST">Make
                            codes anew…</button>
                    @endif
                    @if ($lens->isGtins())
                        <button type="button" data-dialog="{{ route('gtins.plan', $product) }}" data-verb="POST">Give the
                            next free…</button>
                    @endif
                    @if ($lens->isOfOne())
                        <button type="button" data-go="{{ route('labels', $product) }}">Labels…</button>
                    @endif
                    @if ($lens->isPrices())
                        <button type="button" data-dialog="{{ route('skus.price.plan', $product) }}"
                            data-verb="POST">Raise, lower, round…</button>
                    @endif
                    @if ($lens->isStock())
                        <button type="button" data-dialog="{{ route('counting.plan', $product) }}" data-verb="POST">Count
                            for…</button>
                    @endif
                    @foreach ($lens->details() as $detail)
                        <button type="button" data-dialog="{{ route('details.part', $product) }}" data-verb="POST"
                            data-with="{{ json_encode(['detail' => $detail->value]) }}">{{ $detail->label() }}…</button>
                    @endforeach
                </div>
            </details>
        </form>
    @endif
@endcan
