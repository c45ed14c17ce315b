<div class="field">
    <label for="axis-name">{{ __('library.name') }}</label><input class="form-control" id="axis-name" name="name"
        value="{{ $axis?->name }}" maxlength="60" placeholder="{{ __('library.such_as_material') }}" required>
</div>
<div class="field"><label for="axis-kind">{{ __('library.kind') }}</label><select class="form-select" id="axis-kind"
        name="kind">
        @foreach ($kinds as $kind)
            <option value="{{ $kind->value }}" @selected(($axis?->kind->value ?? 'other') === $kind->value)>
                {{ __("library.kind_{$kind->value}") }}</option>
        @endforeach
    </select>
</div>
<div class="field"><label for="axis-display">{{ __('library.shoppers_see') }}</label><select class="form-select"
        id="axis-display" name="display">
        @foreach ($displays as $display)
            <option value="{{ $display->value }}" @selected(($axis?->display->value ?? 'buttons') === $display->value)>{{ $display->inWords() }}</option>
        @endforeach
    </select></div>
<label class="check"><input type="checkbox" class="form-check-input" name="changes_picture" value="1"
        @checked($axis?->changes_picture ?? true)> {{ __('library.looks_different_in_pictures') }}</label>
