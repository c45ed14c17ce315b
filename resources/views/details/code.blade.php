<form class="setup replans" id="product-code-plan" data-act="{{ route('product-code.change', $product) }}"
    data-plan="{{ route('product-code.plan', $product) }}" data-replans="dialog">
    <h2 id="dialog-title">Code of {{ $product->name }}</h2>
    <div class="field">
        <label for="product-code">Code</label>
        <input class="form-control" id="product-code" name="code" value="{{ $typed }}" maxlength="40"
            autocomplete="off" autocapitalize="off" spellcheck="false">
        <p class="hint">Addresses with the code of before still lead here.</p>
    </div>
    <label class="settle"><input type="checkbox" class="form-check-input" name="skus_too" value="1"
            @checked($skusToo)> Make the codes of its SKUs anew</label>
    <div @class(['plan', 'problem' => $problem !== '']) role="status" id="plan">
        @if ($problem !== '')
            <p>{{ $problem }}</p>
        @elseif ($plan === null)
            <p>Its SKUs keep their codes.</p>
        @else
            <p>{{ ucfirst($plan->inWords()) }}. Retired SKUs keep theirs.</p>
        @endif
        @if ($plan !== null)
            <x-code-plan :plan="$plan" />
        @endif
    </div>
    <div class="buttons">
        <button type="button" class="btn btn-plain" data-do="close">Cancel</button>
        <button class="btn btn-primary" @disabled($problem !== '' || trim($typed) === $product->code)>Change</button>
    </div>
</form>
