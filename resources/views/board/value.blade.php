<div class="value-dialog">
    <form data-act="{{ route('value.edit', [$product, $value]) }}">
        <h2 id="dialog-title">{{ $value->axis->name }} {{ $label }}</h2>
        <div class="field"><label for="value-name">Name</label><input class="form-control" id="value-name" name="name"
                value="{{ $label }}" maxlength="80" required>
            @if ($label !== $value->name)
                <p class="hint">The library calls it {{ $value->name }}.</p>
            @endif
        </div>
        <fieldset class="field scope">
            <legend>The name holds</legend>
            <label><input type="radio" class="form-check-input" name="scope" value="everywhere"
                    @checked($label === $value->name)> everywhere:
                {{ count($usedBy) > 1 ? App\Store\Library\Usage::inWords($usedBy) : 'only this product uses it' }}</label>
            <label><input type="radio" class="form-check-input" name="scope" value="here"
                    @checked($label !== $value->name)> on this product only</label>
        </fieldset>
        @include('library.value-fields', [
            'swatch' => $loaded->core->library->swatches->of($value->id),
            'swatchDialog' => route('colors.swatch', [$product, $value]),
        ])
        <div class="buttons"><button type="button" class="btn btn-plain" data-do="close">Cancel</button><button
                class="btn btn-primary">Keep</button></div>
    </form>
    @if ($axis !== null)
        <div class="minds" role="group" aria-label="More for {{ $label }}">
            <button type="button" class="btn btn-plain"
                data-dialog="{{ route('value.merge.plan', [$product, $value]) }}" data-verb="POST"
                @disabled($axis->count() < 2)>Merge into another…</button>
            <button type="button" class="btn btn-plain"
                data-dialog="{{ route('value.split.plan', [$product, $value]) }}" data-verb="POST">Split…</button>
            <button type="button" class="btn btn-plain" data-dialog="{{ route('setup', $product) }}"
                data-with="{{ json_encode(['without' => $value->id]) }}" @disabled($axis->count() < 2)>Remove…</button>
            <form data-act="{{ route('opening', $product) }}"><input type="hidden" name="axis"
                    value="{{ $axis->id }}"><input type="hidden" name="value"
                    value="{{ $opens ? 0 : $value->id }}"><button
                    class="btn btn-plain">{{ $opens ? 'Let shoppers choose the ' . $axis->name : 'Shoppers find it chosen' }}</button>
            </form>
        </div>
    @endif
</div>
