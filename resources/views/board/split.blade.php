<form class="setup replans" id="split" data-act="{{ route('value.split', [$product, $value]) }}"
    data-plan="{{ route('value.split.plan', [$product, $value]) }}">
    <h2 id="dialog-title">{{ __('board.split_axis_label', ['axis' => $value->axis->name, 'label' => $label]) }}</h2>
    <p class="quiet">{{ __('board.the_first_part_takes_over_all', ['label' => $label]) }}</p>
    <div class="field"><label for="split-parts">{{ __('board.label_becomes', ['label' => $label]) }}</label><input
            class="form-control" id="split-parts" name="parts" value="{{ $typed }}"
            placeholder="{{ __('board.label_light_label_dark', ['label' => $label]) }}" autocomplete="off"></div>
    <label class="settle"><input type="checkbox" class="form-check-input" name="pictures" value="1"
            @checked($pictures)> {{ __('board.its_pictures_are_for_all_parts') }}</label>
    <x-plan :plan="$plan" :problem="$problem" />
    <div class="buttons"><button type="button" class="btn btn-plain"
            data-do="close">{{ __('board.cancel') }}</button><button class="btn btn-primary"
            @disabled($plan === null)>{{ __('board.split_2') }}</button></div>
</form>
