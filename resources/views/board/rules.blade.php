<div class="rules-dialog setup">
    <h2 id="dialog-title">What {{ $product->name }} is not sold in</h2>
    @if ($rules->rules() === [])
        <p class="quiet">Nothing is left out: every combination is sold.</p>
    @else
        <ul class="rules">
            @foreach ($rules->rules() as $rule)
                <li><b>{{ ucfirst($rules->words($rule)) }}</b> <span class="quiet">{{ $rules->cells($rule) }}
                        {{ $rules->cells($rule) === 1 ? 'cell' : 'cells' }}</span>
                    <form data-act="{{ route('rules.keep', $product) }}">
                        @foreach ($rules->fields($rule) as $name => $field)
                            <input type="hidden" name="{{ $name }}" value="{{ $field }}">
                        @endforeach
                        <button class="btn btn-plain">
                            Offer again</button>
                    </form>
                </li>
            @endforeach
        </ul>
    @endif
    @if ($rules->sleeping() > 0)
        <p class="quiet">{{ $rules->sleeping() }} more {{ $rules->sleeping() === 1 ? 'rule is' : 'rules are' }} about
            values the product does not have now; {{ $rules->sleeping() === 1 ? 'it holds' : 'they hold' }} again when
            those return.</p>
    @endif
    <form class="replans" id="rule" data-act="{{ route('rules.keep', $product) }}"
        data-plan="{{ route('rules', $product) }}" data-replans="dialog">
        <h3>Leave out by a rule</h3>
        <p class="quiet">Choose values on one axis or more; an axis without a choice means all of it. Later builds keep
            to the rule.</p>
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
            <p class="settle">Leave out <b>{{ $rules->wantedInWords() }}</b></p>
        @endif
        <x-plan :plan="$rules->plan" />
        <div class="buttons"><button type="button" class="btn btn-plain" data-do="close">Close</button><button
                class="btn btn-primary" @disabled($rules->plan === null || !$rules->plan->changesAnything())>Leave out</button></div>
    </form>
</div>
