<form class="setup replans" id="price-plan" data-act="{{ route('skus.price', $product) }}"
    data-plan="{{ route('skus.price.plan', $product) }}" data-replans="dialog">
    <h2 id="dialog-title">{{ __('prices.prices_of_place', ['place' => $screen->chosen->place()]) }}</h2>
    <p class="quiet">{{ $screen->skusInWords() }}</p>
    <div class="detail-fields">
        <div class="field">
            <label for="price-typed">{{ __('prices.change') }}</label>
            <input class="form-control" id="price-typed" name="typed" value="{{ $screen->wish->typed }}"
                autocomplete="off" placeholder="+10 %">
            <p class="hint">{{ __('prices.49_90_sets_5_and_5') }}</p>
        </div>
        <div class="field">
            <label for="price-ending">{{ __('prices.ending') }}</label>
            <input class="form-control" id="price-ending" name="ending" value="{{ $screen->wish->ending }}"
                autocomplete="off" placeholder="{{ __('prices.none') }}">
            <p class="hint">{{ __('prices.such_as_95_each_to_the') }}</p>
        </div>
    </div>
    @if ($screen->rule === null)
        @if ($screen->plan !== null)
            <p class="quiet">{{ __('prices.they_get_prices_of_their_own') }}</p>
        @endif
    @else
        <fieldset class="field ways">
            <legend>{{ __('prices.how') }}</legend>
            <label><input type="radio" class="form-check-input" name="way" value="rule"
                    @checked($screen->isByRule())>
                {{ __('prices.change_subject', ['subject' => $screen->rule->subject()]) }}</label>
            <label><input type="radio" class="form-check-input" name="way" value="own"
                    @checked(!$screen->isByRule())>
                {{ __('prices.give_each_of_these_skus_a') }}</label>
        </fieldset>
        @if ($screen->standingInWords() !== '')
            <fieldset class="field ways">
                <legend>{{ $screen->standingInWords() }}</legend>
                @foreach ($screen->standingWays() as $way)
                    <label><input type="radio" class="form-check-input" name="own" value="{{ $way->value }}"
                            @checked($way === $screen->standingWay())> {{ $way->inWords() }}</label>
                @endforeach
            </fieldset>
        @endif
    @endif
    <div @class(['plan', 'problem' => $screen->problem !== '']) role="status" id="plan">
        @if ($screen->problem !== '')
            <p>{{ $screen->problem }}</p>
        @elseif ($screen->plan === null)
            <p>{{ __('prices.type_what_is_to_happen_before') }}</p>
        @else
            @if ($screen->ruleInWords() !== '')
                <p>{{ $screen->ruleInWords() }}</p>
            @endif
            <x-price-moves :plan="$screen->plan" />
        @endif
    </div>
    <div class="buttons">
        <button type="button" class="btn btn-plain" data-do="close">{{ __('prices.cancel') }}</button>
        <button class="btn btn-primary" @disabled(!$screen->canBeMade())>{{ __('prices.change_prices') }}</button>
    </div>
</form>
