<form data-rows-form="{{ route('rows.plan', $product) }}">
    <h2 id="dialog-title">{{ __('rows.new_row') }}</h2>
    <p class="quiet">{{ __('rows.new_about', ['product' => $product->name]) }}</p>
    @foreach ($screen->fields as $at => $field)
        <div class="field"><label for="row-field-{{ $at }}">{{ $field->label }}</label>
            <input class="form-control" id="row-field-{{ $at }}" name="{{ $field->header }}"
                value="{{ $field->text }}" autocomplete="off" maxlength="200"
                @if ($field->known !== []) list="row-known-{{ $at }}" @endif
                @if ($at === 0) autofocus @endif>
            @if ($field->known !== [])
                <datalist id="row-known-{{ $at }}">
                    @foreach ($field->known as $value)
                        <option value="{{ $value }}"></option>
                    @endforeach
                </datalist>
            @endif
        </div>
    @endforeach
    <div class="buttons">
        <button type="button" class="btn btn-plain" data-do="close">{{ __('board.cancel') }}</button>
        <button class="btn btn-primary">{{ __('rows.look') }}</button>
    </div>
</form>
