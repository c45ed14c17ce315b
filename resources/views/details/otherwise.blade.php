<form class="setup" data-act="{{ route('details.set', $product) }}">
    <h2 id="dialog-title">{{ __('details.otherwise_of_a_part') }}</h2>
    <p class="quiet">{{ __('details.type_the_values_that_it_is') }}</p>
    <input type="hidden" name="part" value="1">
    <div class="detail-fields">
        <div class="field"><label for="otherwise-find">{{ __('details.part') }}</label><input class="form-control"
                id="otherwise-find" name="find" required autocomplete="off" maxlength="200"></div>
        <div class="field"><label for="otherwise-detail">{{ __('details.what') }}</label><select class="form-select"
                id="otherwise-detail" name="detail">
                @foreach ($kinds as $kind)
                    <option value="{{ $kind->value }}">{{ $kind->label() }}</option>
                @endforeach
            </select></div>
        <div class="field"><label for="otherwise-text">{{ __('details.says') }}</label><input class="form-control"
                id="otherwise-text" name="fields[0]" autocomplete="off"></div>
    </div>
    <div class="buttons"><button type="button" class="btn btn-plain"
            data-do="close">{{ __('details.cancel') }}</button><button
            class="btn btn-primary">{{ __('details.set') }}</button></div>
</form>
