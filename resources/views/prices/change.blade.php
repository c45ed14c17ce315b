<form class="setup replans" id="price-plan" data-act="{{ route('skus.price', $product) }}" data-plan="{{ route('skus.price.plan', $product) }}" data-replans="dialog">
    <h2 id="dialog-title">Prices of {{ $chosen->place() }}</h2>
    <p class="quiet">{{ number_format(count($chosen->skus)) }} {{ count($chosen->skus) === 1 ? 'SKU' : 'SKUs' }} at {{ $chosen->pricesInWords() === '' ? 'no price' : $chosen->pricesInWords() }} {{ $product->currency }}. They get prices of their own.</p>
    <div class="detail-fields">
        <div class="field"><label for="price-typed">Change</label><input class="form-control" id="price-typed" name="typed" value="{{ $typed }}" autocomplete="off" placeholder="+10 %"><p class="hint">49.90 sets, +5 and −5 raise and lower, +10 % and −10 % too.</p></div>
        <div class="field"><label for="price-ending">Ending</label><input class="form-control" id="price-ending" name="ending" value="{{ $ending }}" autocomplete="off" placeholder="none"><p class="hint">Such as .95: each to the nearest that ends so.</p></div>
    </div>
    <div @class(['plan', 'problem' => $problem !== '']) role="status" id="plan">
        @if ($problem !== '')
            <p>{{ $problem }}</p>
        @elseif ($plan === null)
            <p>Type what is to happen; before and after are shown here.</p>
        @else
            <table class="plain"><thead><tr><th scope="col" class="number">Now</th><th scope="col" class="number">Then</th><th scope="col" class="number">SKUs</th></tr></thead><tbody>
            @foreach (array_slice($plan->moves, 0, 60) as $move)<tr><td class="number">{{ $move->from?->shown() ?? 'none' }}</td><td class="number">{{ $move->isSame() ? 'the same' : ($move->to?->shown() ?? 'none') }}</td><td class="number">{{ number_format($move->count) }}</td></tr>@endforeach
            </tbody></table>
            @if (count($plan->moves) > 60)<p class="quiet">And {{ number_format(count($plan->moves) - 60) }} more prices.</p>@endif
            @if ($plan->without > 0)<p class="quiet">{{ number_format($plan->without) }} {{ $plan->without === 1 ? 'SKU has' : 'SKUs have' }} no price, and will have none.</p>@endif
        @endif
    </div>
    <div class="buttons"><button type="button" class="btn btn-plain" data-do="close">Cancel</button><button class="btn btn-primary" @disabled($plan === null || $plan->own === [])>Change prices</button></div>
</form>
