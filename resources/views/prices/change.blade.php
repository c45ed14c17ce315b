<form class="setup replans" id="price-plan" data-act="{{ route('skus.price', $product) }}"
    data-plan="{{ route('skus.price.plan', $product) }}" data-replans="dialog">
    <h2 id="dialog-title">Prices of {{ $screen->chosen->place() }}</h2>
    <p class="quiet">{{ $screen->skusInWords() }}</p>
    <div class="detail-fields">
        <div class="field">
            <label for="price-typed">Change</label>
            <input class="form-control" id="price-typed" name="typed" value="{{ $screen->wish->typed }}"
                autocomplete="off" placeholder="+10 %">
            <p class="hint">49.90 sets, +5 and −5 raise and lower, +10 % and −10 % too.</p>
        </div>
        <div class="field">
            <label for="price-ending">Ending</label>
            <input class="form-control" id="price-ending" name="ending" value="{{ $screen->wish->ending }}"
                autocomplete="off" placeholder="none">
            <p class="hint">Such as .95: each to the nearest that ends so.</p>
        </div>
    </div>
    @if ($screen->rule === null)
        @if ($screen->plan !== null)
            <p class="quiet">They get prices of their own.</p>
        @endif
    @else
        <fieldset class="field ways">
            <legend>How</legend>
            <label><input type="radio" class="form-check-input" name="way" value="rule"
                    @checked($screen->isByRule())>
                change {{ $screen->rule->subject() }}</label>
            <label><input type="radio" class="form-check-input" name="way" value="own"
                    @checked(!$screen->isByRule())>
                give each of these SKUs a price of its own</label>
        </fieldset>
        @if ($screen->standingInWords() !== '')
            <fieldset class="field ways">
                <legend>{{ $screen->standingInWords() }}</legend>
                @foreach ($screen->standingWays() as $way => $isChosen)
                    <label><input type="radio" class="form-check-input" name="own" value="{{ $way }}"
                            @checked($isChosen)> {{ Core\Pricing\OwnPrices::from($way)->inWords() }}</label>
                @endforeach
            </fieldset>
        @endif
    @endif
    <div @class(['plan', 'problem' => $screen->problem !== '']) role="status" id="plan">
        @if ($screen->problem !== '')
            <p>{{ $screen->problem }}</p>
        @elseif ($screen->plan === null)
            <p>Type what is to happen; before and after are shown here.</p>
        @else
            @if ($screen->ruleInWords() !== '')
                <p>{{ $screen->ruleInWords() }}</p>
            @endif
            <x-price-moves :plan="$screen->plan" />
        @endif
    </div>
    <div class="buttons">
        <button type="button" class="btn btn-plain" data-do="close">Cancel</button>
        <button class="btn btn-primary" @disabled(!$screen->canBeMade())>Change prices</button>
    </div>
</form>
