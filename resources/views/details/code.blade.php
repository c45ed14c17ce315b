<form class="setup replans" id="product-code-plan" data-act="{{ route('product-code.change', $product) }}"
    data-plan="{{ route('product-code.plan', $product) }}" data-replans="dialog">
    <h2 id="dialog-title">{{ __('details.code_of_product', ['product' => $product->name]) }}</h2>
    <div class="field">
        <label for="product-code">{{ __('details.code') }}</label>
        <input class="form-control" id="product-code" name="code" value="{{ $typed }}" maxlength="40"
            autocomplete="off" autocapitalize="off" spellcheck="false">
        <p class="hint">{{ __('details.addresses_with_the_code_of_before') }}</p>
    </div>
    <label class="settle"><input type="checkbox" class="form-check-input" name="skus_too" value="1"
            @checked($skusToo)> {{ __('details.make_the_codes_of_its_skus') }}</label>
    <div @class(['plan', 'problem' => $problem !== '']) role="status" id="plan">
        @if ($problem !== '')
            <p>{{ $problem }}</p>
        @elseif ($plan === null)
            <p>{{ __('details.its_skus_keep_their_codes') }}</p>
        @else
            <p>{{ __('details.plan_retired_skus_keep_theirs', ['plan' => ucfirst($plan->inWords())]) }}</p>
        @endif
        @if ($plan !== null)
            <x-code-moves :plan="$plan" />
        @endif
    </div>
    <div class="buttons">
        <button type="button" class="btn btn-plain" data-do="close">{{ __('details.cancel') }}</button>
        <button class="btn btn-primary" @disabled($problem !== '' || trim($typed) === $product->code)>{{ __('details.change_2') }}</button>
    </div>
</form>
