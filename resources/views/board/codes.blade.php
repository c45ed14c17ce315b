<form class="setup replans" id="codes-plan" data-act="{{ route('codes.apply', $product) }}"
    data-plan="{{ route('codes.plan', $product) }}" data-replans="dialog">
    <h2 id="dialog-title">{{ __('board.codes_of_product', ['product' => $product->name]) }}</h2>
    <div class="settle"><label for="codes-pattern">{{ __('board.made_by') }}</label><select class="form-select"
            id="codes-pattern" name="pattern">
            <option value="0" @selected($patternId === null)>{{ __('board.the_usual_pattern') }}</option>
            @foreach ($patterns as $record)
                <option value="{{ $record->id }}" @selected($patternId === $record->id)>{{ $record->name }}</option>
            @endforeach
        </select> <a href="{{ route('library.codes') }}">{{ __('board.patterns_in_the_library') }}</a></div>
    <label class="settle"><input type="checkbox" class="form-check-input" name="typed_too" value="1"
            @checked($typedToo)> {{ __('board.make_codes_anew_that_somebody_typed') }}</label>
    <div @class(['plan', 'problem' => $plan->planned->clashes !== []]) role="status" id="plan">
        <p>{{ __('board.plan_retired_skus_keep_theirs', ['plan' => ucfirst($plan->inWords())]) }}</p>
        <x-code-moves :plan="$plan" />
    </div>
    <div class="buttons"><button type="button" class="btn btn-plain"
            data-do="close">{{ __('board.cancel') }}</button><button class="btn btn-primary"
            @disabled($plan->moves === [] && $plan->planned->clashes === [] && $patternId === $product->code_pattern_id)>{{ __('board.apply') }}</button></div>
</form>
