<h2>
    Facts</h2>
<p class="quiet">What else is to be said, without making SKUs. A fact that turns out to come in several kinds can become
    an axis.</p>
@if ($loaded->core->state->details->facts !== [])
    <table class="plain facts-table">
        <tbody>
            @foreach ($loaded->core->state->details->facts as $fact)
                <tr>
                    <th scope="row">{{ $fact->name }}</th>
                    <td>{{ $fact->inWords() }}</td>
                    <td class="quiet">{{ $fact->kind->value }}{{ $fact->isShown ? '' : ', not shown to shoppers' }}</td>
                    <td>
                        @can('edit')
                            <a class="btn btn-plain"
                                href="{{ route('board', ['product' => $product, 'open' => route('setup', ['product' => $product, 'fact' => $fact->id], false)]) }}">Make
                                it an axis…</a>
                            <button type="button" class="btn btn-plain" data-post="{{ route('facts.remove', $product) }}"
                                data-with="{{ json_encode(['fact' => $fact->id]) }}">Remove<span class="visually-hidden">
                                    {{ $fact->name }}</span></button>
                        @endcan
                    </td>
                </tr>
            @endforeach
        </tbody>
    </table>
@endif
@can('edit')
    <form class="line" data-act="{{ route('facts.set', $product) }}">
        <div class="field"><label for="fact-name">Fact</label><input class="form-control" id="fact-name" name="name"
                placeholder="Such as Lining" maxlength="60" required></div>
        <div class="field"><label for="fact-value">What it says</label><input class="form-control" id="fact-value"
                name="value" placeholder="Such as cotton" maxlength="200" required></div>
        <div class="field"><label for="fact-kind">As</label><select class="form-select" id="fact-kind" name="kind">
                @foreach (Core\Details\FactKind::cases() as $kind)
                    <option value="{{ $kind->value }}">{{ $kind->value }}</option>
                @endforeach
            </select>
        </div>
        <div class="field"><label for="fact-unit">Unit of a number</label><input class="form-control" id="fact-unit"
                name="unit" placeholder="Such as g/m²" maxlength="12" autocomplete="off"></div>
        <label class="settle"><input type="checkbox" class="form-check-input" name="is_hidden" value="1"> Not for
            shoppers</label>
        <button class="btn btn-plain">Keep the fact</button>
    </form>
@endcan
<h2>What shoppers see first</h2>
<p>{{ $loaded->core->opens()->cell() === null ? 'No SKU is on offer yet.' : $loaded->core->matrix->inWordsOr($loaded->core->opens()->cell(), 'The single SKU') . ($loaded->core->hasChosenOpening() ? ', as chosen.' : ', the first that is not sold out.') }}
    {{ $loaded->core->opens()->choice()->values === [] ? 'Shoppers choose every value themselves.' : 'They find ' . $loaded->core->matrix->inWords($loaded->core->opens()->choice()) . ' chosen.' }}
    @if ($product->opening_cell !== null)
        @can('edit')
            <button type="button" class="btn btn-plain" data-post="{{ route('opening', $product) }}"
                data-with='{"none":1}'>Back to the first that is not sold out</button>
        @endcan
    @endif
</p>
