<form class="setup replans" id="currency-plan" data-act="{{ route('currency.change', $product) }}"
    data-plan="{{ route('currency.plan', $product) }}" data-replans="dialog">
    <h2 id="dialog-title">Currency of {{ $product->name }}</h2>
    <p class="quiet">The prices keep their numbers: nothing is converted. What the new currency cannot have is rounded,
        and said here first.</p>
    <div class="settle"><label for="currency-code">Currency</label><input class="form-control" id="currency-code"
            name="code" value="{{ $code }}" list="currencies" maxlength="3" autocapitalize="characters"
            autocomplete="off"><datalist id="currencies">
            @foreach (Core\Pricing\Currency::codes() as $known)
                <option value="{{ $known }}"></option>
            @endforeach
        </datalist></div>
    <div @class(['plan', 'problem' => $problem !== '']) role="status" id="plan">
        @if ($problem !== '')
            <p>{{ $problem }}</p>
        @elseif ($plan->to->code === $product->currency)
            <p>As it is now.</p>
        @elseif ($plan->steps === [])
            <p>There is no price yet: nothing changes but the currency.</p>
        @else
            <table class="plain">
                <thead>
                    <tr>
                        <th scope="col" class="number">{{ $product->currency }}</th>
                        <th scope="col" class="number">{{ $plan->to->code }}</th>
                        <th scope="col">Times</th>
                        <th scope="col"></th>
                    </tr>
                </thead>
                <tbody>
                    @foreach (array_slice($plan->steps, 0, 60) as $step)
                        <tr>
                            <td class="number">{{ $step->from->shown() }}</td>
                            <td class="number">{{ $step->to->shown() }}</td>
                            <td class="number">{{ number_format($step->count) }}</td>
                            <td>{{ $step->isRounded ? 'rounded' : '' }}</td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
            @if (count($plan->steps) > 60)
                <p class="quiet">And {{ number_format(count($plan->steps) - 60) }} more amounts.</p>
            @endif
        @endif
    </div>
    @if ($problem === '' && $plan->rounded() !== [])
        <label class="settle"><input type="checkbox" class="form-check-input" name="round" value="1"
                @checked($round)> Round
            {{ count($plan->rounded()) === 1 ? 'the one amount' : count($plan->rounded()) . ' amounts' }} that
            {{ $plan->to->code }} cannot have</label>
    @endif
    <input type="hidden" name="reload" value="1">
    <div class="buttons"><button type="button" class="btn btn-plain" data-do="close">Cancel</button><button
            class="btn btn-primary" @disabled($problem !== '' || $plan->to->code === $product->currency || ($plan->rounded() !== [] && !$round))>Change</button></div>
</form>
