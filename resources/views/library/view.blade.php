<form data-act="{{ $view === null ? route('library.views.create') : route('library.view.edit', $view) }}">
    <h2 id="dialog-title">
        {{ $view === null ? __('library.another_view') : __('library.view_view', ['view' => $view->name]) }}</h2>
    @if ($view !== null)
        <p class="quiet">
            {{ $pictures === 0 ? __('library.no_picture_shows_it_at_the') : trans_choice('library.pictures_show_it', $pictures) }}
        </p>
    @endif
    <div class="two-fields">
        <div class="field"><label for="view-name">{{ __('library.name') }}</label><input class="form-control"
                id="view-name" name="name" value="{{ $view?->name }}" maxlength="40"
                placeholder="{{ __('library.such_as_sole') }}" required autocomplete="off"></div>
        <div class="field"><label for="view-showing">{{ __('library.it_shows') }}</label><select class="form-select"
                id="view-showing" name="showing">
                @foreach ($showings as $showing)
                    <option value="{{ $showing->value }}" @selected($view?->showing === $showing)>{{ $showing->inWords() }}
                    </option>
                @endforeach
            </select></div>
    </div>
    <div class="field"><label for="view-words">{{ __('library.words_in_file_names') }}</label>
        <textarea class="form-control" id="view-words" name="words" rows="2"
            placeholder="{{ __('library.such_as_sole_outsole_bottom') }}">@typed($view?->words)</textarea>
        <p class="hint">{{ __('library.its_name_is_one_of_them') }}</p>
    </div>
    <div class="field"><label for="view-loose">{{ __('library.words_that_may_mean_goods_as') }}</label><input
            class="form-control" id="view-loose" name="loose_words" value="@typed($view?->loose_words)"
            placeholder="{{ __('library.such_as_top_box') }}">
        <p class="hint">{{ __('library.they_count_only_where_a_name') }}</p>
    </div>
    <div class="field"><label for="view-translations">{{ __('library.in_other_languages') }}</label>
        <textarea class="form-control" id="view-translations" name="translations" rows="2"
            placeholder="{{ __('library.de_sohle') }}">@typedTranslations($view?->translations)</textarea>
        <p class="hint">{{ __('library.for_alt_texts_in_these_languages') }}</p>
    </div>
    <div class="buttons"><button type="button" class="btn btn-plain"
            data-do="close">{{ __('library.cancel') }}</button><button
            class="btn btn-primary">{{ __('library.keep') }}</button></div>
</form>
@if ($view !== null && $pictures === 0)
    <form data-act="{{ route('library.view.remove', $view) }}"><button
            class="btn btn-plain">{{ __('library.remove_this_view') }}</button>
    </form>
@endif
