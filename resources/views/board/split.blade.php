<form class="setup replans" id="split" data-act="{{ route('value.split', [$product, $value]) }}"
    data-plan="{{ route('value.split.plan', [$product, $value]) }}">
    <h2 id="dialog-title">Split {{ $value->axis->name }} {{ $label }}</h2>
    <p class="quiet">The first part takes over all SKUs and pictures of today; the others are made like it.
        {{ $label }} itself may be the first part.</p>
    <div class="field"><label for="split-parts">{{ $label }} becomes</label><input class="form-control"
            id="split-parts" name="parts" value="{{ $typed }}"
            placeholder="{{ $label }} light, {{ $label }} dark" autocomplete="off"></div>
    <label class="settle"><input type="checkbox" class="form-check-input" name="pictures" value="1"
            @checked($pictures)> Its pictures are for all parts</label>
    <x-plan :plan="$plan" :problem="$problem" />
    <div class="buttons"><button type="button" class="btn btn-plain" data-do="close">Cancel</button><button
            class="btn btn-primary" @disabled($plan === null)>Split</button></div>
</form>
