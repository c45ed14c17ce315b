<form data-axis-form="{{ route('rows.axis.plan', $product) }}">
    <h2 id="dialog-title">{{ __('rows.axes_title') }}</h2>
    @if ($screen->axes !== [])
        <table class="plain">
            <tbody>
                @foreach ($screen->axes as $axis)
                    <tr>
                        <th scope="row">{{ $axis->name }}</th>
                        <td>{{ trans_choice('rows.axis_makes', $axis->count(), ['count' => $axis->count()]) }}</td>
                        <td><a class="btn btn-plain"
                                href="{{ route('board', ['product' => $product, 'open' => route('setup', ['product' => $product, 'drop' => $axis->id], false)]) }}">{{ __('rows.axis_to_column') }}<span
                                    class="visually-hidden"> {{ $axis->name }}</span></a></td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    @endif
    <fieldset class="axis-columns">
        <legend>{{ __('rows.make_axis_of') }}</legend>
        @foreach ($screen->columns as $column)
            <label><input type="radio" class="form-check-input" name="column" value="{{ $column->key }}"
                    @checked($loop->first && $column->isWhole()) @disabled(!$column->isWhole())>
                <span><b>{{ $column->name }}</b> {{ $screen->values($column) }}
                    @if ($column->isAsleep)
                        <small class="quiet">{{ __('rows.was_an_axis') }}</small>
                    @endif
                    @if (!$column->isWhole())
                        <small
                            class="quiet">{{ trans_choice('rows.says_nothing_of', $column->silent, ['count' => $column->silent]) }}</small>
                    @endif
                </span></label>
        @endforeach
        <label><input type="radio" class="form-check-input" name="column" value=""
                @checked($screen->typesFirst())> <span>{{ __('rows.typed_column') }}</span></label>
        <div class="axis-lines">
            <label
                for="axis-values">{{ trans_choice('rows.a_line_each', count($screen->rows), ['count' => count($screen->rows)]) }}</label>
            <div>
                <ol aria-hidden="true">
                    @foreach ($screen->rows as $row)
                        <li>{{ $row }}</li>
                    @endforeach
                </ol>
                <textarea class="form-control" id="axis-values" name="values" rows="{{ count($screen->rows) }}" wrap="off"
                    spellcheck="false"></textarea>
            </div>
        </div>
    </fieldset>
    <div class="field"><label for="axis-name">{{ __('rows.axis_name') }}</label>
        <input class="form-control" id="axis-name" name="name" maxlength="60" autocomplete="off"
            placeholder="{{ __('rows.as_the_column') }}">
    </div>
    <label><input type="checkbox" class="form-check-input" name="as_written" value="1">
        {{ __('rows.as_written') }}</label>
    <div class="buttons">
        <button type="button" class="btn btn-plain" data-do="close">{{ __('board.cancel') }}</button>
        <button class="btn btn-primary">{{ __('rows.look') }}</button>
    </div>
</form>
