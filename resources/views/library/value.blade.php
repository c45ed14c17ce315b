<form data-act="{{ route('library.value.edit', $value) }}">
    <h2 id="dialog-title">{{ $value->axis->name }} {{ $value->name }}</h2>
    <p class="quiet">
        {{ $usedBy === '' ? 'No product uses it at the moment.' : 'Changing it changes it for ' . $usedBy . '.' }}</p>
    <div class="field"><label for="value-name">Name</label><input class="form-control" id="value-name" name="name"
            value="{{ $value->name }}" maxlength="80" required></div>
    @include('library.value-fields', [
        'swatch' => $value->look(),
        'swatchDialog' => route('library.swatch', [$value, 'part' => 'axis']),
    ])
    <div class="buttons"><button type="button" class="btn btn-plain" data-do="close">Cancel</button><button
            class="btn btn-primary">Keep</button></div>
</form>
@if ($senderWords !== [])
    <div class="sender-words">
        <h3>What senders call it</h3>
        <ul>
            @foreach ($senderWords as $word)
                <li>
                    <form data-act="{{ route('library.word.forget', [$value, $word->id]) }}"><b>{{ $word->word }}</b>
                        <span class="quiet">in what {{ $word->sender }} sends</span> <button
                            class="btn btn-quiet">Forget</button>
                    </form>
                </li>
            @endforeach
        </ul>
    </div>
@endif
@if ($usedBy === '')
    <form data-act="{{ route('library.value.remove', $value) }}"><button class="btn btn-plain">Remove
            {{ $value->name }} from the library</button></form>
@endif
