@can('edit')
    @if ($board->lens->isPhotos())
        @if ($loaded->core->matrix->axes !== [])
            <div class="editor">
                <button type="button" class="btn btn-plain" data-dialog="{{ route('leave-out.plan', $product) }}"
                    data-verb="POST">{{ __('board.leave_out_2') }}</button>
                <details class="menu" id="more">
                    <summary class="btn btn-plain">{{ __('board.more') }}</summary>
                    <div role="group" aria-label="{{ __('board.more_for_the_selection') }}">
                        <button type="button" data-dialog="{{ route('leave-out.plan', $product) }}" data-verb="POST"
                            data-with="{{ json_encode(['again' => 1]) }}">{{ __('board.offer_again_2') }}</button>
                        <button type="button" data-dialog="{{ route('rules', $product) }}"
                            data-verb="POST">{{ __('board.left_out_rules') }}</button>
                        <button type="button" data-dialog="{{ route('take-out.plan', $product) }}"
                            data-verb="POST">{{ __('combine.take_out_menu') }}</button>
                        <button type="button"
                            data-go="{{ route('cards', $product) }}">{{ __('cards.slate_cards') }}</button>
                        <button type="button"
                            data-go="{{ route('product.sheet', $product) }}">{{ __('sheets.as_a_sheet') }}</button>
                        <button type="button" data-post="{{ route('opening', $product) }}"
                            title="{{ __('board.shoppers_see_the_selected_sku_first') }}">{{ __('board.opens_with_this_sku') }}</button>
                    </div>
                </details>
            </div>
        @endif
    @else
        <form class="editor" data-act="{{ $board->keepsAt() }}">
            <label class="visually-hidden" for="typed">{{ $board->lens->fieldLabel($product->currency) }}</label>
            <input class="form-control" id="typed" name="typed" autocomplete="off"
                placeholder="{{ $board->lens->field($product->currency) }}" title="{{ $board->lens->hint() }}"
                @if ($board->lens->isOfNumbers()) inputmode="decimal" @endif>
            <button class="btn btn-plain">{{ __('board.set') }}</button>
            @if (!$board->lens->isOfOne())
                <button type="button" class="btn btn-plain" data-fill
                    title="{{ __('board.the_first_row_of_the_selection') }}">{{ __('board.fill') }}</button>
            @endif
            <details class="menu" id="more-numbers">
                <summary class="btn btn-plain">{{ __('board.more') }}</summary>
                <div role="group" aria-label="{{ __('board.more_for_the_selection') }}">
                    <button type="button" data-dialog="{{ route('skus.about', $product) }}"
                        data-verb="POST">{{ __('board.about_this_sku') }}</button>
                    @if ($board->lens->isCodes())
                        <button type="button" data-dialog="{{ route('codes.plan', $product) }}"
                            data-verb="POST">{{ __('board.make_codes_anew') }}</button>
                    @endif
                    @if ($board->lens->isGtins())
                        <button type="button" data-dialog="{{ route('gtins.plan', $product) }}"
                            data-verb="POST">{{ __('board.give_the_next_free') }}</button>
                    @endif
                    @if ($board->lens->isOfOne())
                        <button type="button" data-go="{{ route('labels', $product) }}">{{ __('board.labels') }}</button>
                    @endif
                    @if ($board->lens->isPrices())
                        <button type="button" data-dialog="{{ route('skus.price.plan', $product) }}"
                            data-verb="POST">{{ __('board.raise_lower_round') }}</button>
                    @endif
                    @if ($board->lens->isStock())
                        <button type="button" data-dialog="{{ route('counting.plan', $product) }}"
                            data-verb="POST">{{ __('board.count_for') }}</button>
                    @endif
                    <button type="button"
                        data-go="{{ route('product.sheet', $product) }}">{{ __('sheets.as_a_sheet') }}</button>
                    @foreach ($board->lens->details() as $detail)
                        <button type="button" data-dialog="{{ route('details.part', $product) }}" data-verb="POST"
                            data-with="{{ json_encode(['detail' => $detail->value]) }}">{{ $detail->label() }}…</button>
                    @endforeach
                </div>
            </details>
        </form>
    @endif
@endcan
