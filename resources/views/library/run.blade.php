<form data-act="{{ route('library.run.edit', $record) }}">
    <h2 id="dialog-title">{{ __('library.size_run_run', ['run' => $run->name]) }}</h2>
    <p class="quiet">{{ __('library.products_keep_the_sizes_they_have') }}</p>
    <input type="hidden" name="axis" value="{{ $record->axis_id }}">
    <div class="field"><label for="run-new-name">{{ __('library.name') }}</label><input class="form-control"
            id="run-new-name" name="name" value="{{ $run->name }}" maxlength="60" required></div>
    <div class="field"><label
            for="run-new-values">{{ __('library.values_of_axis_in_order', ['axis' => $record->axis->name]) }}</label>
        <textarea class="form-control" id="run-new-values" name="values" rows="3" required>@typed($run->sizes)</textarea>
    </div>
    <div class="buttons"><button type="button" class="btn btn-plain"
            data-do="close">{{ __('library.cancel') }}</button><button
            class="btn btn-primary">{{ __('library.keep') }}</button></div>
</form>
<form data-act="{{ route('library.run.remove', $record) }}"><button
        class="btn btn-plain">{{ __('library.remove_this_run') }}</button>
</form>
