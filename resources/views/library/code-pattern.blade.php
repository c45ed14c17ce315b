<form class="replans" id="code-pattern"
    data-act="{{ $record === null ? route('library.code-patterns.create') : route('library.code-pattern.edit', $record) }}"
    data-plan="{{ $record === null ? route('library.code-patterns.draft') : route('library.code-pattern.draft', $record) }}"
    data-replans="dialog">
    <h2 id="dialog-title">{{ $record === null ? 'Another code pattern' : 'Code pattern ' . $record->name }}</h2>
    <p class="quiet">
        {{ $users === 0 ? 'No product has it yet.' : number_format($users) . ($users === 1 ? ' product has' : ' products have') . ' it. Codes that are there stay until the pattern is applied again.' }}
    </p>
    <div class="field"><label for="pattern-name">Name</label><input class="form-control" id="pattern-name" name="name"
            value="{{ $name }}" maxlength="60" placeholder="Such as Clothes" required autocomplete="off"></div>
    <table class="plain code-parts">
        <thead>
            <tr>
                <th scope="col">Place</th>
                <th scope="col">What stands there</th>
                <th scope="col">Text, or first number</th>
            </tr>
        </thead>
        <tbody>
            @foreach ($rows as $at => [$kind, $text])
                <tr>
                    <td class="number">{{ $at + 1 }}</td>
                    <td><select class="form-select" id="code-part-{{ $at }}" name="kinds[{{ $at }}]"
                            aria-label="Part {{ $at + 1 }}">
                            @foreach ($codes->choices() as $value => $label)
                                <option value="{{ $value }}" @selected($kind === (string) $value)>{{ $label }}
                                </option>
                            @endforeach
                        </select>
                    </td>
                    <td><input class="form-control" id="code-text-{{ $at }}"
                            name="texts[{{ $at }}]" value="{{ $text }}"
                            aria-label="Text of part {{ $at + 1 }}" maxlength="20" autocomplete="off"
                            @if (!in_array($kind, ['number', 'text'], true)) hidden @endif></td>
                </tr>
            @endforeach
        </tbody>
    </table>
    <div class="detail-fields">
        <div class="field"><label for="pattern-separator">Between the parts</label><select class="form-select"
                id="pattern-separator" name="separator">
                @foreach (['-' => '-', '.' => '.', '_' => '_', '/' => '/', '' => 'nothing'] as $sign => $label)
                    <option value="{{ $sign }}" @selected($separator === $sign)>{{ $label }}</option>
                @endforeach
            </select>
        </div>
        <div class="field"><label for="pattern-letters">Letters</label><select class="form-select" id="pattern-letters"
                name="letters">
                @foreach (Core\Codes\LetterCase::cases() as $case)
                    <option value="{{ $case->value }}" @selected($letters === $case->value)>{{ $case->value }}</option>
                @endforeach
            </select>
        </div>
        <div class="field"><label for="pattern-longest">At most, characters</label><input class="form-control"
                id="pattern-longest" name="longest" value="{{ $longest }}" inputmode="numeric" maxlength="2"
                autocomplete="off"></div>
    </div>
    <div @class(['plan', 'problem' => $problem !== '']) role="status" id="plan">
        <p>{{ $problem !== '' ? $problem : 'Such as ' }}@if ($problem === '')
                <code>{{ $example }}</code>
            @endif
        </p>
    </div>
    <div class="buttons"><button type="button" class="btn btn-plain" data-do="close">Cancel</button><button
            class="btn btn-primary" @disabled($problem !== '')>Keep</button></div>
</form>
@if ($record !== null && $users === 0)
    <form data-act="{{ route('library.code-pattern.remove', $record) }}"><button class="btn btn-plain">Remove this
            pattern</button></form>
@endif
