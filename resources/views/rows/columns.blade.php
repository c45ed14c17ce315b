<details class="menu rows-columns">
    <summary class="btn btn-plain">{{ __('rows.columns') }}</summary>
    <form method="post" action="{{ route('rows.columns') }}">
        <x-once />
        <div class="sheet-choices">
            @foreach ($table->choices() as $column)
                <label><input type="checkbox" class="form-check-input" name="columns[]" value="{{ $column->header() }}"
                        @checked($table->isShown($column))> {{ $column->label() }}</label>
            @endforeach
        </div>
        <button class="btn btn-primary">{{ __('rows.show_these') }}</button>
    </form>
</details>
