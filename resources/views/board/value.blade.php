<form data-act="{{ route('value.edit', [$product, $value]) }}">
    <h2 id="dialog-title">{{ $value->axis->name }} {{ $value->name }}</h2>
    <p class="quiet">{{ count($usedBy) > 1 ? 'A value of the library: changing it changes '.implode(', ', $usedBy).'.' : 'A value of the library, used by this product only.' }}</p>
    <div class="field"><label for="value-name">Name</label><input class="form-control" id="value-name" name="name" value="{{ $value->name }}" maxlength="80" required></div>
    <div class="field"><label for="value-code">Code</label><input class="form-control" id="value-code" name="code" value="{{ $value->code }}" maxlength="16" required><p class="hint">Used in codes of SKUs made from now on; those that exist keep theirs.</p></div>
    <div class="field"><label for="value-swatch">Swatch</label><input type="color" class="form-control form-control-color" id="value-swatch" name="swatch" value="{{ explode('/', $value->swatch ?? '#808080')[0] }}">
        <label><input type="checkbox" class="form-check-input" name="no_swatch" value="1" @checked($value->swatch === null)> no color</label></div>
    <div class="buttons"><button type="button" class="btn btn-plain" data-do="close">Cancel</button><button class="btn btn-primary">Keep</button></div>
</form>
