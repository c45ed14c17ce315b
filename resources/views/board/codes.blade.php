<form class="setup replans" id="codes-plan" data-act="{{ route('codes.apply', $product) }}"
    data-plan="{{ route('codes.plan', $product) }}" data-replans="dialog">
    <h2 id="dialog-title">Codes of {{ $product->name }}</h2>
    <div class="settle"><label for="codes-pattern">Made by</label><select class="form-select" id="codes-pattern"
            name="pattern">
            <option value="0" @selected($patternId === null)>the usual pattern</option>
            @foreach ($patterns as $record)
                <option value="{{ $record->id }}" @selected($patternId === $record->id)>{{ $record->name }}</option>
            @endforeach
        </select> <a href="{{ route('library.codes') }}">Patterns in the library</a></div>
    <label class="settle"><input type="checkbox" class="form-check-input" name="typed_too" value="1"
            @checked($typedToo)> Make codes anew that somebody typed</label>
    <div @class(['plan', 'problem' => $plan->planned->clashes !== []]) role="status" id="plan">
        <p>{{ ucfirst($plan->inWords()) }}. Retired SKUs keep theirs.</p>
        <x-code-plan :plan="$plan" />
    </div>
    <div class="buttons"><button type="button" class="btn btn-plain" data-do="close">Cancel</button><button
            class="btn btn-primary" @disabled($plan->moves === [] && $plan->planned->clashes === [] && $patternId === $product->code_pattern_id)>Apply</button></div>
</form>
