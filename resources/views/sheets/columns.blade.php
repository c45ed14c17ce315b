@include('sheets.head')
<form method="post" action="{{ route('sheet.arrange', $screen->sheet) }}">
    <x-once />
    <div class="sheet-terms">
        <div class="field"><label for="shape">{{ __('sheets.shape') }}</label>
            <select class="form-select" id="shape" name="shape" @disabled(!$canEdit)>
                @foreach ($screen->shapes() as $value => $label)
                    <option value="{{ $value }}" @selected($value === $screen->shape())>{{ $label }}</option>
                @endforeach
            </select>
        </div>
        @if ($screen->hasSizesAcross())
            <div class="field"><label for="across">{{ __('sheets.across') }}</label>
                <select class="form-select" id="across" name="across" @disabled(!$canEdit)>
                    <option value="stock" @selected($screen->across() === 'stock')>{{ __('sheets.across_stock') }}</option>
                    <option value="price" @selected($screen->across() === 'price')>{{ __('sheets.across_price') }}</option>
                </select>
            </div>
        @endif
        <div class="field"><label for="empty">{{ __('sheets.empty_cells') }}</label>
            <select class="form-select" id="empty" name="empty" @disabled(!$canEdit)>
                <option value="keep" @selected($screen->empty()->value === 'keep')>{{ __('sheets.empty_keep') }}</option>
                <option value="clear" @selected($screen->empty()->value === 'clear')>{{ __('sheets.empty_clear') }}</option>
            </select>
        </div>
        @if ($canEdit)
            <button class="btn btn-primary">{{ __('sheets.read_so') }}</button>
        @endif
    </div>
    <table class="plain sheet-columns">
        <thead>
            <tr>
                <th scope="col">{{ __('sheets.column') }}</th>
                <th scope="col">{{ __('sheets.in_the_sheet') }}</th>
                <th scope="col">{{ __('sheets.says') }}</th>
                <th scope="col">{{ __('sheets.why') }}</th>
            </tr>
        </thead>
        <tbody>
            @foreach ($screen->columns() as $column)
                <tr @if ($column->isUnknown()) class="is-unknown" @endif>
                    <td>{{ $column->column->letter() }}</td>
                    <td><b>{{ $column->header() }}</b>
                        <p class="quiet">{{ $column->examples() }}</p>
                    </td>
                    <td><select class="form-select" name="columns[{{ $column->column->place }}]"
                            aria-label="{{ __('sheets.what_says', ['column' => $column->header()]) }}"
                            @disabled(!$canEdit)>
                            <option value="">{{ __('sheets.left_alone') }}</option>
                            @foreach ($choices as $heading => $fields)
                                <optgroup label="{{ $heading }}">
                                    @foreach ($fields as $field)
                                        <option value="{{ $field }}" @selected($field === $column->field())>
                                            {{ $field }}
                                        </option>
                                    @endforeach
                                </optgroup>
                            @endforeach
                        </select></td>
                    <td class="quiet">{{ $column->ground() }}</td>
                </tr>
            @endforeach
        </tbody>
    </table>
</form>
