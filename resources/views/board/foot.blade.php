<footer class="foot" id="foot" @if ($swap ?? false) hx-swap-oob="true" @endif>
    <b>{{ $tray->selection->inWords() }}</b>
    <span class="sums">
        @foreach ($tray->sums() as $what => $sum)
            <span data-sum="{{ $what }}">{{ $sum }}</span>
        @endforeach
    </span>
    <span class="keys"><span><kbd>R</kbd> row</span><span><kbd>C</kbd> column</span><span><kbd>L</kbd>
            link</span><span><kbd>U</kbd> unlink</span><span><kbd>[</kbd> <kbd>]</kbd> order</span><button type="button"
            class="btn-quiet" data-do="keys"><kbd>?</kbd> all keys</button></span>
</footer>
