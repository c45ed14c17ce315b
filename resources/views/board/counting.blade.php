<form class="setup replans" id="counting-plan" data-act="{{ route('counting', $product) }}"
    data-plan="{{ route('counting.plan', $product) }}" data-replans="dialog">
    <h2 id="dialog-title">{{ __('board.stock_of_product', ['product' => $product->name]) }}</h2>
    <p class="quiet">{{ __('board.what_the_units_are_counted_for') }}</p>
    <fieldset class="choices">
        <legend class="visually-hidden">{{ __('board.counted_for') }}</legend>
        @foreach ($ways as $way)
            <label><input type="radio" class="form-check-input" name="counting" value="{{ $way->value }}"
                    @checked($plan->to === $way)> {{ ucfirst($way->inWords()) }}@if ($way === $now)
                    <span class="quiet">{{ __('board.as_now') }}</span>
                @endif
            </label>
        @endforeach
    </fieldset>
    <div class="plan" role="status" id="plan">
        <p>{{ $plan->to === $now ? __('board.before_as_it_is_now', ['before' => ucfirst($plan->before->inWords())]) : ucfirst($plan->inWords()) . '.' }}
        </p>
        @if ($plan->to !== $now && $plan->isOff())
            <p>{{ __('board.nobody_can_say_how_many_of', ['units' => $plan->before->units]) }}</p>
        @endif
    </div>
    <div class="buttons"><button type="button" class="btn btn-plain"
            data-do="close">{{ __('board.cancel') }}</button><button class="btn btn-primary"
            @disabled($plan->to === $now)>{{ __('board.count_so') }}</button></div>
</form>
