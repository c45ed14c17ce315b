@php($colors = $value->swatch === null ? [] : explode('/', $value->swatch))
<input type="hidden" name="seen" value="{{ $value->seen() }}">
<div class="two-fields">
    <div class="field"><label for="value-code">Code</label><input class="form-control" id="value-code" name="code" value="{{ $value->code }}" maxlength="16" required><p class="hint">For SKUs made from now on; those that exist keep theirs.</p></div>
    <fieldset class="field"><legend>Swatch</legend>
        <div class="swatch-fields">
            @for ($at = 0; $at < 3; $at++)<input type="color" class="form-control form-control-color" aria-label="Color {{ $at + 1 }}" name="swatch[{{ $at }}]" value="{{ $colors[$at] ?? '#808080' }}">@endfor
            <label class="visually-hidden" for="value-colors">How many colors</label>
            <select class="form-select" id="value-colors" name="colors">@foreach ([0 => 'no color', 1 => 'one color', 2 => 'two colors', 3 => 'three colors'] as $count => $words)<option value="{{ $count }}" @selected(count($colors) === $count)>{{ $words }}</option>@endforeach</select>
        </div>
    </fieldset>
    <div class="field"><label for="value-synonyms">Other words for it</label><input class="form-control" id="value-synonyms" name="synonyms" value="{{ implode(', ', $value->synonyms) }}" placeholder="Such as Olive, Lichen"><p class="hint">Recognized where values are typed.</p></div>
    <div class="field"><label for="value-translations">In other languages</label><textarea class="form-control" id="value-translations" name="translations" rows="2" placeholder="de: Moos">{{ Core\Text\Translations::of($value->translations)->typed() }}</textarea></div>
</div>
