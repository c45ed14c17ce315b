<form class="setup" data-act="{{ route('leave-out', $product) }}">
    <h2 id="dialog-title">{{ $offerAgain ? __('board.offer_again') : __('board.leave_out') }}:
        {{ $selection->inWords() }}</h2>
    <p class="quiet">
        {{ $offerAgain ? __('board.skus_that_were_there_before_come') : __('board.left_out_cells_are_not_sold') }}
    </p>
    <x-plan :plan="$plan" :changes="$plan->changesAnything()" />
    @if ($offerAgain)
        <input type="hidden" name="again" value="1">
    @endif
    <div class="buttons"><button type="button" class="btn btn-plain"
            data-do="close">{{ __('board.cancel') }}</button><button class="btn btn-primary"
            @disabled(!$plan->changesAnything())>{{ $offerAgain ? __('board.offer_again') : __('board.leave_out') }}</button>
    </div>
</form>
