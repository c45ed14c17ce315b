<form class="setup" data-act="{{ route('leave-out', $product) }}">
    <h2 id="dialog-title">{{ $offerAgain ? 'Offer again' : 'Leave out' }}: {{ $selection->inWords() }}</h2>
    <p class="quiet">
        {{ $offerAgain ? 'SKUs that were there before come back with their codes, stock and pictures.' : 'Left-out cells are not sold, and later changes of the axes do not bring them back. Their SKUs keep codes, stock and pictures.' }}
    </p>
    <x-plan :plan="$plan" :changes="$plan->changesAnything()" />
    @if ($offerAgain)
        <input type="hidden" name="again" value="1">
    @endif
    <div class="buttons"><button type="button" class="btn btn-plain" data-do="close">Cancel</button><button
            class="btn btn-primary"
            @disabled(!$plan->changesAnything())>{{ $offerAgain ? 'Offer again' : 'Leave out' }}</button></div>
</form>
