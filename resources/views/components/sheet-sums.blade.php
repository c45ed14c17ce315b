@props(['screen', 'label'])
<nav class="sheet-sums" aria-label="{{ $label }}">
    @foreach ($screen->sums() as $sum)
        <a href="{{ $screen->address($sum->filter) }}"
            @if ($sum->isShown) aria-current="true" @endif>{{ $sum->label }}
            <b>@number($sum->count)</b></a>
    @endforeach
</nav>
