<h2 id="dialog-title">{{ __('rows.plan') }}</h2>
<ul>
    @foreach ($screen->sentences as $sentence)
        <li>{{ $sentence }}</li>
    @endforeach
</ul>
<div class="buttons">
    <button type="button" class="btn btn-plain" data-do="close">{{ __('board.cancel') }}</button>
    <button type="button" class="btn btn-primary" data-post="{{ $address }}" data-with="{{ json_encode($with) }}"
        autofocus>{{ __('rows.do_it') }}</button>
</div>
