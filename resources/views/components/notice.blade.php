@props(['message', 'canRepeat' => false])
<div class="notice" role="alert">
    <p>{{ $message }}</p>
    @if ($canRepeat)
        <button type="button" class="btn btn-primary" data-do="repeat">{{ __('parts.make_my_change_now') }}</button>
    @endif
    <button type="button" class="btn btn-plain" data-do="dismiss">{{ __('parts.close') }}</button>
</div>
