<form class="setup replans" id="gtins-plan" data-act="{{ route('gtins.allocate', $product) }}"
    data-plan="{{ route('gtins.plan', $product) }}" data-replans="dialog">
    <h2 id="dialog-title">GTINs for {{ $chosen->place() }}</h2>
    @if ($ranges === [])
        <p>The library has no range of numbers yet. <a href="{{ route('library.codes') }}">Make one there</a>: the prefix
            of the company, and the items from one to another.</p>
    @else
        <div class="settle"><label for="gtin-range">Out of</label><select class="form-select" id="gtin-range"
                name="range">
                @foreach ($ranges as $one)
                    <option value="{{ $one->id }}" @selected($range?->id === $one->id)>{{ $one->name }}:
                        {{ $one->prefix }}</option>
                @endforeach
            </select></div>
        <div @class(['plan', 'problem' => $problem !== '']) role="status" id="plan">
            <p>{{ match (true) {$lacking === [] => 'Every one of these SKUs has a GTIN already.',$problem !== '' => $problem,default => number_format(count($numbers)) . (count($numbers) === 1 ? ' SKU gets ' : ' SKUs get ') . $numbers[0] . (count($numbers) === 1 ? '' : ' to ' . $numbers[count($numbers) - 1]) . '; those that have one keep it.'} }}
            </p>
            @if ($restriction !== null)
                <p>Numbers with this prefix are {{ $restriction }}: they must not leave it.</p>
            @endif
        </div>
    @endif
    <div class="buttons"><button type="button" class="btn btn-plain" data-do="close">Cancel</button><button
            class="btn btn-primary" @disabled($numbers === [])>Give them</button></div>
</form>
