@props(['field', 'id', 'name', 'readonly' => false])
<div class="field">
    <label for="{{ $id }}">{{ $field->label }}</label>
    @if ($field->type === 'select')
        <select class="form-select" id="{{ $id }}" name="{{ $name }}" @disabled($readonly)>
            @foreach ($field->options as $value => $label)
                <option value="{{ $value }}" @selected($field->value === (string) $value)>{{ $label }}</option>
            @endforeach
        </select>
    @elseif ($field->type === 'lines')
        <textarea class="form-control" id="{{ $id }}" name="{{ $name }}" rows="3" @readonly($readonly)>{{ $field->value }}</textarea>
    @else
        <input class="form-control" id="{{ $id }}" name="{{ $name }}" type="{{ $field->type }}"
            value="{{ $field->value }}" autocomplete="off"
            @if ($field->known !== '') list="known-{{ $field->known }}" @endif @readonly($readonly)>
    @endif
    @if ($field->hint !== '')
        <p class="hint">{{ $field->hint }}</p>
    @endif
</div>
