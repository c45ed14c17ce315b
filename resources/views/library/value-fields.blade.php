<input type="hidden" name="seen" value="{{ $value->seen() }}">
<div class="two-fields">
    <div class="field"><label for="value-code">{{ __('library.code') }}</label><input class="form-control" id="value-code"
            name="code" value="{{ $value->code }}" maxlength="16" required>
        <p class="hint">{{ __('library.for_skus_made_from_now_on') }}</p>
    </div>
    <div class="field swatch-now"><span class="label">{{ __('library.swatch_3') }}</span>
        <p><x-swatch-chip class="swatch-large" :swatch="$swatch" />
            <span>{{ $swatch?->inWords() ?? __('library.none') }}</span> <button type="button" class="btn btn-plain"
                data-dialog="{{ $swatchDialog }}" data-verb="POST">{{ __('library.change_2') }}<span
                    class="visually-hidden"> {{ __('library.the_swatch') }}</span></button>
        </p>
    </div>
    <div class="field"><label for="value-synonyms">{{ __('library.other_words_for_it') }}</label><input
            class="form-control" id="value-synonyms" name="synonyms" value="@typed($value->synonyms)"
            placeholder="{{ __('library.such_as_olive_lichen') }}">
        <p class="hint">{{ __('library.recognized_where_values_are_typed') }}</p>
    </div>
    <div class="field"><label for="value-translations">{{ __('library.in_other_languages') }}</label>
        <textarea class="form-control" id="value-translations" name="translations" rows="2"
            placeholder="{{ __('library.de_moos') }}">@typedTranslations($value->translations)</textarea>
    </div>
</div>
