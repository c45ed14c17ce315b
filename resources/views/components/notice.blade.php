@props(['message', 'canRepeat' => false])
<div class="notice" role="alert">
    <p>{{ $message }}</p>
    @if ($canRepeat)
        <button type="button" class="btn btn-primary" data-do="repeat">Make my change now</button>
    @endif
    <button type="button" class="btn btn-plain" data-do="dismiss">Close</button>
</div>
