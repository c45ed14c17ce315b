<div class="value-dialog">
    <form data-act="{{ route('value.edit', [$product, $value]) }}">
        <h2 id="dialog-title">{{ $value->axis->name }} {{ $label }}</h2>
        <div class="field"><label for="value-name">{{ __('board.name') }}</label><input class="form-control"
                id="value-name" name="name" value="{{ $label }}" maxlength="80" required>
            @if ($label !== $value->name)
                <p class="hint">{{ __('board.the_library_calls_it_value', ['value' => $value->name]) }}</p>
            @endif
        </div>
        <fieldset class="field scope">
            <legend>{{ __('board.the_name_holds') }}</legend>
            <label><input type="radio" class="form-check-input" name="scope" value="everywhere"
                    @checked($label === $value->name)>
                {{ $usedBy === '' ? __('board.everywhere_only_this') : __('board.everywhere_used_by', ['used' => $usedBy]) }}</label>
            <label><input type="radio" class="form-check-input" name="scope" value="here"
                    @checked($label !== $value->name)> {{ __('board.on_this_product_only') }}</label>
        </fieldset>
        @include('library.value-fields', [
            'swatch' => $loaded->core->library->swatches->of($value->id),
            'swatchDialog' => route('colors.swatch', [$product, $value]),
        ])
        <div class="buttons"><button type="button" class="btn btn-plain"
                data-do="close">{{ __('board.cancel') }}</button><button
                class="btn btn-primary">{{ __('board.keep') }}</button></div>
    </form>
    @if ($axis !== null)
        <div class="minds" role="group" aria-label="{{ __('board.more_for_label', ['label' => $label]) }}">
            <button type="button" class="btn btn-plain"
                data-dialog="{{ route('value.merge.plan', [$product, $value]) }}" data-verb="POST"
                @disabled($axis->count() < 2)>{{ __('board.merge_into_another') }}</button>
            <button type="button" class="btn btn-plain"
                data-dialog="{{ route('value.split.plan', [$product, $value]) }}"
                data-verb="POST">{{ __('board.split') }}</button>
            <button type="button" class="btn btn-plain" data-dialog="{{ route('setup', $product) }}"
                data-with="{{ json_encode(['without' => $value->id]) }}"
                @disabled($axis->count() < 2)>{{ __('board.remove') }}</button>
            <form data-act="{{ route('opening', $product) }}"><input type="hidden" name="axis"
                    value="{{ $axis->id }}"><input type="hidden" name="value"
                    value="{{ $opens ? 0 : $value->id }}"><button
                    class="btn btn-plain">{{ $opens ? __('board.let_shoppers_choose_the_axis', ['axis' => $axis->name]) : __('board.shoppers_find_it_chosen') }}</button>
            </form>
        </div>
    @endif
</div>
