<form class="replans" id="code-pattern"
    data-act="{{ $record === null ? route('library.code-patterns.create') : route('library.code-pattern.edit', $record) }}"
    data-plan="{{ $record === null ? route('library.code-patterns.draft') : route('library.code-pattern.draft', $record) }}"
    data-replans="dialog">
    <h2 id="dialog-title">
        {{ $record === null ? __('library.another_code_pattern') : __('library.code_pattern_record', ['record' => $record->name]) }}
    </h2>
    <p class="quiet">
        {{ $users === 0 ? __('library.no_product_has_it_yet') : trans_choice('library.products_have_pattern', $users) }}
    </p>
    <div class="field"><label for="pattern-name">{{ __('library.name') }}</label><input class="form-control"
            id="pattern-name" name="name" value="{{ $name }}" maxlength="60"
            placeholder="{{ __('library.such_as_clothes') }}" required autocomplete="off"></div>
    <table class="plain code-parts">
        <thead>
            <tr>
                <th scope="col">{{ __('library.place') }}</th>
                <th scope="col">{{ __('library.what_stands_there') }}</th>
                <th scope="col">{{ __('library.text_or_first_number') }}</th>
            </tr>
        </thead>
        <tbody>
            @foreach ($rows as $row)
                <tr>
                    <td class="number">{{ $row->place }}</td>
                    <td><select class="form-select" id="code-part-{{ $row->at }}"
                            name="kinds[{{ $row->at }}]"
                            aria-label="{{ __('library.part_at', ['at' => $row->place]) }}">
                            @foreach ($codes->choices() as $value => $label)
                                <option value="{{ $value }}" @selected($row->kind === (string) $value)>{{ $label }}
                                </option>
                            @endforeach
                        </select>
                    </td>
                    <td><input class="form-control" id="code-text-{{ $row->at }}"
                            name="texts[{{ $row->at }}]" value="{{ $row->text }}"
                            aria-label="{{ __('library.text_of_part_at', ['at' => $row->place]) }}" maxlength="20"
                            autocomplete="off" @if (!$row->hasText()) hidden @endif></td>
                </tr>
            @endforeach
        </tbody>
    </table>
    <div class="detail-fields">
        <div class="field"><label for="pattern-separator">{{ __('library.between_the_parts') }}</label><select
                class="form-select" id="pattern-separator" name="separator">
                @foreach (['-', '.', '_', '/', ''] as $sign)
                    <option value="{{ $sign }}" @selected($separator === $sign)>
                        {{ $sign === '' ? __('library.separator_none') : $sign }}</option>
                @endforeach
            </select>
        </div>
        <div class="field"><label for="pattern-letters">{{ __('library.letters') }}</label><select class="form-select"
                id="pattern-letters" name="letters">
                @foreach ($cases as $case)
                    <option value="{{ $case->value }}" @selected($letters === $case->value)>{{ $case->value }}</option>
                @endforeach
            </select>
        </div>
        <div class="field"><label for="pattern-longest">{{ __('library.at_most_characters') }}</label><input
                class="form-control" id="pattern-longest" name="longest" value="{{ $longest }}"
                inputmode="numeric" maxlength="2" autocomplete="off"></div>
    </div>
    <div @class(['plan', 'problem' => $problem !== '']) role="status" id="plan">
        <p>{{ $problem !== '' ? $problem : __('library.such_as') }}@if ($problem === '')
                <code>{{ $example }}</code>
            @endif
        </p>
    </div>
    <div class="buttons"><button type="button" class="btn btn-plain"
            data-do="close">{{ __('library.cancel') }}</button><button class="btn btn-primary"
            @disabled($problem !== '')>{{ __('library.keep') }}</button></div>
</form>
@if ($record !== null && $users === 0)
    <form data-act="{{ route('library.code-pattern.remove', $record) }}"><button
            class="btn btn-plain">{{ __('library.remove_this_pattern') }}</button></form>
@endif
