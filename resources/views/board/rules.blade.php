<div class="rules-dialog setup">
    <h2 id="dialog-title">{{ __('board.what_product_is_not_sold_in', ['product' => $product->name]) }}</h2>
    @if ($rules->rules() === [])
        <p class="quiet">{{ __('board.nothing_is_left_out_every_combination') }}</p>
    @else
        <ul class="rules">
            @foreach ($rules->rules() as $rule)
                <li><b>{{ ucfirst($rules->words($rule)) }}</b> <span
                        class="quiet">{{ trans_choice('board.rule_cell', $rules->cells($rule), ['rule' => $rules->cells($rule)]) }}</span>
                    <form data-act="{{ route('rules.keep', $product) }}">
                        @foreach ($rules->fields($rule) as $name => $field)
                            <input type="hidden" name="{{ $name }}" value="{{ $field }}">
                        @endforeach
                        <button class="btn btn-plain">
                            {{ __('board.offer_again') }}</button>
                    </form>
                </li>
            @endforeach
        </ul>
    @endif
    @if ($rules->sleeping() > 0)
        <p class="quiet">
            {{ trans_choice('board.sleeping_more_rule_is_about_values', $rules->sleeping(), ['sleeping' => $rules->sleeping()]) }}
        </p>
    @endif
    <form class="replans" id="rule" data-act="{{ route('rules.keep', $product) }}"
        data-plan="{{ route('rules', $product) }}" data-replans="dialog">
        <h3>{{ __('board.leave_out_by_a_rule') }}</h3>
        <p class="quiet">{{ __('board.choose_values_on_one_axis_or') }}</p>
        @foreach ($rules->loaded->core->matrix->axes as $axis)
            <fieldset class="rule-axis">
                <legend>{{ $axis->name }}</legend>
                <div>
                    @foreach ($axis->values as $choice)
                        <label><input type="checkbox" class="form-check-input"
                                name="rule[{{ $axis->id }}][{{ $choice->id }}]" value="{{ $choice->id }}"
                                @checked($rules->isChosen($axis, $choice))> {{ $choice->label }}</label>
                    @endforeach
                </div>
            </fieldset>
        @endforeach
        @if ($rules->plan !== null)
            <p class="settle">@say('board.leave_out_wanted_in_words', ['wanted_in_words' => $rules->wantedInWords()])</p>
        @endif
        <x-plan :plan="$rules->plan" />
        <div class="buttons"><button type="button" class="btn btn-plain"
                data-do="close">{{ __('board.close') }}</button><button class="btn btn-primary"
                @disabled($rules->plan === null || !$rules->plan->changesAnything())>{{ __('board.leave_out') }}</button></div>
    </form>
</div>
