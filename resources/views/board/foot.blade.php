<footer class="foot" id="foot" @if ($swap ?? false) hx-swap-oob="true" @endif>
    <b>{{ $tray->selection->inWords() }}</b>
    <span class="sums">
        @foreach ($tray->sums() as $what => $sum)
            <span data-sum="{{ $what }}">{{ $sum }}</span>
        @endforeach
    </span>
    <span
        class="keys"><span>@say('board.r_row')</span><span>@say('board.c_column')</span><span>@say('board.l_link')</span><span>@say('board.u_unlink')</span><span>@say('board.order')</span><button
            type="button" class="btn-quiet" data-do="keys">@say('board.all_keys')</button></span>
</footer>
