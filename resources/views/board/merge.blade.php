<form class="setup replans" id="merge" data-act="{{ route('value.merge', [$product, $value]) }}"
    data-plan="{{ route('value.merge.plan', [$product, $value]) }}">
    <h2 id="dialog-title">
        {{ __('board.merge_axis_label_into_another', ['axis' => $value->axis->name, 'label' => $label]) }}</h2>
    <p class="quiet">{{ __('board.its_skus_and_pictures_become_the') }}</p>
    <div class="settle"><label for="merge-into">{{ __('board.label_becomes', ['label' => $label]) }}</label><select
            class="form-select" id="merge-into" name="into">
            @foreach ($others as $other)
                <option value="{{ $other->id }}" @selected($other->id === $into)>{{ $other->label }}</option>
            @endforeach
        </select></div>
    <div class="settle"><span>{{ __('board.where_both_have_a_sku_keep') }}</span>
        <label><input type="radio" class="form-check-input" name="comers_stay" value="0"
                @checked(!$comersStay)> {{ $axis->value($into)?->label }}’s</label>
        <label><input type="radio" class="form-check-input" name="comers_stay" value="1"
                @checked($comersStay)>
            {{ __('board.labels_in_intos_place', ['label' => $label, 'into' => $axis->value($into)?->label]) }}</label>
    </div>
    <x-plan :plan="$plan" :problem="$problem" />
    <div class="buttons"><button type="button" class="btn btn-plain"
            data-do="close">{{ __('board.cancel') }}</button><button class="btn btn-primary"
            @disabled($plan === null)>{{ __('board.merge') }}</button></div>
</form>
