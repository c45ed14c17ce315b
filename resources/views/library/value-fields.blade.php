<input type="hidden" name="seen" value="{{ $value->seen() }}">
<div class="two-fields">
    <div class="field"><label for="value-code">Code</label><input class="form-control" id="value-code" name="code"
            value="{{ $value->code }}" maxlength="16" required>
        <p class="hint">For SKUs made from now on; those that exist keep theirs.</p>
    </div>
    <div class="field swatch-now"><span class="label">Swatch</span>
        <p><x-swatch class="swatch-large" :swatch="$swatch" /> <span>{{ $swatch?->inWords() ?? 'none' }}</span> <button
                type="button" class="btn btn-plain" data-dialog="{{ $swatchDialog }}" data-verb="POST">Change…<span
                    class="visually-hidden"> the swatch</span></button></p>
    </div>
    <div class="field"><label for="value-synonyms">Other words for it</label><input class="form-control"
            id="value-synonyms" name="synonyms" value="{{ implode(', ', $value->synonyms) }}"
            placeholder="Such as Olive, Lichen">
        <p class="hint">Recognized where values are typed.</p>
    </div>
    <div class="field"><label for="value-translations">In other languages</label>
        <textarea class="form-control" id="value-translations" name="translations" rows="2" placeholder="de: Moos">{{ Core\Text\Translations::of($value->translations)->typed() }}</textarea>
    </div>
</div>
