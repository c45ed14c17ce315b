<form class="setup replans" id="merge" data-act="{{ route('value.merge', [$product, $value]) }}"
    data-plan="{{ route('value.merge.plan', [$product, $value]) }}">
    <h2 id="dialog-title">Merge {{ $value->axis->name }} {{ $label }} into another</h2>
    <p class="quiet">Its SKUs and pictures become the other’s. Where both have a SKU, one stays and the other retires
        with its code.</p>
    <div class="settle"><label for="merge-into">{{ $label }} becomes</label><select class="form-select"
            id="merge-into" name="into">
            @foreach ($others as $other)
                <option value="{{ $other->id }}" @selected($other->id === $into)>{{ $other->label }}</option>
            @endforeach
        </select></div>
    <div class="settle"><span>Where both have a SKU, keep</span>
        <label><input type="radio" class="form-check-input" name="comers_stay" value="0"
                @checked(!$comersStay)> {{ $axis->value($into)?->label }}’s</label>
        <label><input type="radio" class="form-check-input" name="comers_stay" value="1"
                @checked($comersStay)> {{ $label }}’s, in {{ $axis->value($into)?->label }}’s
            place</label>
    </div>
    <x-plan :plan="$plan" :problem="$problem" />
    <div class="buttons"><button type="button" class="btn btn-plain" data-do="close">Cancel</button><button
            class="btn btn-primary" @disabled($plan === null)>Merge</button></div>
</form>
