<form class="setup replans" id="currency-plan" data-act="{{ route('currency.change', $product) }}"
    data-plan="{{ route('currency.plan', $product) }}" data-replans="dialog">
    <h2 id="dialog-title">{{ __('details.currency_of_product', ['product' => $product->name]) }}</h2>
    <p class="quiet">{{ __('details.the_prices_keep_their_numbers_nothing') }}</p>
    <div class="settle"><label for="currency-code">{{ __('details.currency') }}</label><input class="form-control"
            id="currency-code" name="code" value="{{ $code }}" list="currencies" maxlength="3"
            autocapitalize="characters" autocomplete="off"><datalist id="currencies">
            @foreach ($currencies as $known)
                <option value="{{ $known }}"></option>
            @endforeach
        </datalist></div>
    <div @class(['plan', 'problem' => $problem !== '']) role="status" id="plan">
        @if ($problem !== '')
            <p>{{ $problem }}</p>
        @elseif ($plan->to->code === $product->currency)
            <p>{{ __('details.as_it_is_now') }}</p>
        @elseif ($plan->steps === [])
            <p>{{ __('details.there_is_no_price_yet_nothing') }}</p>
        @else
            <table class="plain">
                <thead>
                    <tr>
                        <th scope="col" class="number">{{ $product->currency }}</th>
                        <th scope="col" class="number">{{ $plan->to->code }}</th>
                        <th scope="col">{{ __('details.times') }}</th>
                        <th scope="col"></th>
                    </tr>
                </thead>
                <tbody>
                    @foreach ($steps->shown as $step)
                        <tr>
                            <td class="number">{{ $step->from->shown() }}</td>
                            <td class="number">{{ $step->to->shown() }}</td>
                            <td class="number">@number($step->count)</td>
                            <td>{{ $step->isRounded ? __('details.rounded') : '' }}</td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
            @if ($steps->more > 0)
                <p class="quiet">{{ __('details.and_steps_more_amounts', ['steps' => $steps->more]) }}</p>
            @endif
        @endif
    </div>
    @if ($problem === '' && $plan->rounded() !== [])
        <label class="settle"><input type="checkbox" class="form-check-input" name="round" value="1"
                @checked($round)>
            {{ trans_choice('details.round_rounded_that_code_cannot_have', count($plan->rounded()), ['code' => $plan->to->code]) }}</label>
    @endif
    <input type="hidden" name="reload" value="1">
    <div class="buttons"><button type="button" class="btn btn-plain"
            data-do="close">{{ __('details.cancel') }}</button><button class="btn btn-primary"
            @disabled($problem !== '' || $plan->to->code === $product->currency || ($plan->rounded() !== [] && !$round))>{{ __('details.change_2') }}</button></div>
</form>
