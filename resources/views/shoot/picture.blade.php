<button type="button" class="shoot-picture" data-picture="{{ $picture->id }}" aria-pressed="false"
    @if ($canEdit) draggable="true" @endif title="{{ $picture->file }}"
    aria-label="{{ $picture->file }}">
    @if ($picture->source !== null)
        <img src="{{ $picture->source }}" alt="" loading="lazy" draggable="false">
    @endif
    <small>{{ $picture->file }}</small>
</button>
