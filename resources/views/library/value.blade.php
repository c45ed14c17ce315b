<form data-act="{{ route('library.value.edit', $value) }}">
    <h2 id="dialog-title">{{ $value->axis->name }} {{ $value->name }}</h2>
    <p class="quiet">
        {{ $usedBy === '' ? __('library.no_product_uses_it_at_the') : __('library.changing_it_changes_it_for_used', ['used_by' => $usedBy]) }}
    </p>
    <div class="field"><label for="value-name">{{ __('library.name') }}</label><input class="form-control" id="value-name"
            name="name" value="{{ $value->name }}" maxlength="80" required></div>
    @include('library.value-fields', [
        'swatch' => $value->look(),
        'swatchDialog' => route('library.swatch', [$value, 'part' => 'axis']),
    ])
    <div class="buttons"><button type="button" class="btn btn-plain"
            data-do="close">{{ __('library.cancel') }}</button><button
            class="btn btn-primary">{{ __('library.keep') }}</button></div>
</form>
@if ($senderWords !== [])
    <div class="sender-words">
        <h3>{{ __('library.what_senders_call_it') }}</h3>
        <ul>
            @foreach ($senderWords as $word)
                <li>
                    <form data-act="{{ route('library.word.forget', [$value, $word->id]) }}"><b>{{ $word->word }}</b>
                        <span
                            class="quiet">{{ __('library.in_what_sender_sends', ['sender' => $word->sender]) }}</span>
                        <button class="btn btn-quiet">{{ __('library.forget') }}</button>
                    </form>
                </li>
            @endforeach
        </ul>
    </div>
@endif
@if ($usedBy === '')
    <form data-act="{{ route('library.value.remove', $value) }}"><button
            class="btn btn-plain">{{ __('library.remove_value_from_the_library', ['value' => $value->name]) }}</button>
    </form>
@endif
