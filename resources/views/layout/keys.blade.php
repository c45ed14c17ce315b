<dialog id="keys" aria-labelledby="keys-title">
    <h2 id="keys-title">{{ __('layout.keys') }}</h2>
    <p class="quiet">{{ __('layout.everything_that_can_be_dragged_can') }}</p>
    <dl class="keys-help">
        @foreach (__("keys.{$place}") as [$key, $meaning])
            <div>
                <dt><kbd>{{ $key }}</kbd></dt>
                <dd>{{ $meaning }}</dd>
            </div>
        @endforeach
    </dl>
    <div class="buttons"><button type="button" class="btn btn-plain" data-do="close">{{ __('layout.close') }}</button>
    </div>
</dialog>
