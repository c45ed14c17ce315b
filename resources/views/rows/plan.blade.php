<h2 id="dialog-title">{{ __('rows.plan') }}</h2>
<ul>
    @foreach ($screen->sentences as $sentence)
        <li>{{ $sentence }}</li>
    @endforeach
</ul>
<div class="buttons">
    <button type="button" class="btn btn-plain" data-do="close">{{ __('board.cancel') }}</button>
    <button type="button" class="btn btn-primary" data-post="{{ route('rows.add', $product) }}"
        data-with="{{ json_encode(['rows' => $rows]) }}" autofocus>{{ __('rows.make') }}</button>
</div>
