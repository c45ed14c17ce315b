<div class="field">
    <label for="axis-name">Name</label><input class="form-control" id="axis-name" name="name" value="{{ $axis?->name }}"
        maxlength="60" placeholder="Such as Material" required>
</div>
<div class="field"><label for="axis-kind">Kind</label><select class="form-select" id="axis-kind" name="kind">
        @foreach (Core\Matrix\AxisKind::cases() as $kind)
            <option value="{{ $kind->value }}" @selected($axis?->kind === $kind || ($axis === null && $kind === Core\Matrix\AxisKind::Other))>
                {{ ['size' => 'Sizes', 'color' => 'Colors', 'other' => 'Other'][$kind->value] }}</option>
        @endforeach
    </select>
</div>
<div class="field"><label for="axis-display">Shoppers see</label><select class="form-select" id="axis-display"
        name="display">
        @foreach (Core\Matrix\AxisDisplay::cases() as $display)
            <option value="{{ $display->value }}" @selected(($axis?->display ?? Core\Matrix\AxisDisplay::Buttons) === $display)>{{ $display->inWords() }}</option>
        @endforeach
    </select></div>
<label class="check"><input type="checkbox" class="form-check-input" name="changes_picture" value="1"
        @checked($axis?->changes_picture ?? true)> looks different in pictures</label>
