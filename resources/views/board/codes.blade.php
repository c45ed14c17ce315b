<form class="setup replans" id="codes-plan" data-act="{{ route('codes.apply', $product) }}" data-plan="{{ route('codes.plan', $product) }}" data-replans="dialog">
    <h2 id="dialog-title">Codes of {{ $product->name }}</h2>
    <div class="settle"><label for="codes-pattern">Made by</label><select class="form-select" id="codes-pattern" name="pattern"><option value="0" @selected($patternId === null)>the usual pattern</option>@foreach ($patterns as $record)<option value="{{ $record->id }}" @selected($patternId === $record->id)>{{ $record->name }}</option>@endforeach</select> <a href="{{ route('library.codes') }}">Patterns in the library</a></div>
    <label class="settle"><input type="checkbox" class="form-check-input" name="typed_too" value="1" @checked($typedToo)> Make codes anew that somebody typed</label>
    <div @class(['plan', 'problem' => $plan->planned->clashes !== []]) role="status" id="plan">
        <p>{{ ucfirst($plan->inWords()) }}. Retired SKUs keep theirs.</p>
        @foreach (array_slice($plan->planned->clashes, 0, 20) as $clash)<label id="code-{{ $loop->index }}" class="code-clash"><span>{{ $clash->inWords() }}</span> <input class="form-control" name="codes[{{ $clash->wanted }}]" value="{{ $clash->proposal }}" maxlength="64" autocomplete="off" aria-label="Code in place of {{ $clash->wanted }}"></label>@endforeach
        @if (count($plan->planned->clashes) > 20)<p>And {{ number_format(count($plan->planned->clashes) - 20) }} more that are not free: another pattern may tell them apart.</p>@endif
        @foreach ($plan->planned->chosen as $wanted => $code)<label class="code-clash"><span>In place of {{ $wanted }}</span> <input class="form-control" name="codes[{{ $wanted }}]" value="{{ $code }}" maxlength="64" autocomplete="off"></label>@endforeach
        @if ($plan->moves !== [])
            <div class="code-moves"><table class="plain"><thead><tr><th scope="col">SKU</th><th scope="col">Now</th><th scope="col">Then</th></tr></thead><tbody>
            @foreach (array_slice($plan->moves, 0, 100) as $move)<tr><th scope="row">{{ $move->place }}</th><td><code>{{ $move->sku->code }}</code></td><td><code>{{ $move->to }}</code></td></tr>@endforeach
            </tbody></table></div>
            @if (count($plan->moves) > 100)<p class="quiet">And {{ number_format(count($plan->moves) - 100) }} more.</p>@endif
        @endif
        @if ($plan->locked !== [])<p class="quiet">Typed, and left alone: {{ implode(', ', array_map(fn ($sku) => $sku->code, array_slice($plan->locked, 0, 12))) }}{{ count($plan->locked) > 12 ? ' …' : '' }}</p>@endif
    </div>
    <div class="buttons"><button type="button" class="btn btn-plain" data-do="close">Cancel</button><button class="btn btn-primary" @disabled($plan->moves === [] && $plan->planned->clashes === [] && $patternId === $product->code_pattern_id)>Apply</button></div>
</form>
