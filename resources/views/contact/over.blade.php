<div id="drag-caption" role="status" hidden></div>
<dialog id="between" aria-labelledby="between-title">
    <h2 id="between-title"></h2>
    <p class="quiet" data-between-words></p>
    <div class="buttons"><button type="button" class="btn btn-plain"
            data-do="close">{{ __('contact.cancel') }}</button><button type="button" class="btn btn-plain"
            data-between="instead"></button><button type="button" class="btn btn-primary" data-between="also"></button>
    </div>
</dialog>
<dialog id="compare" aria-labelledby="compare-title">
    <h2 id="compare-title">{{ __('contact.two_pictures') }}</h2>
    <div class="compared">
        <figure><img alt="">
            <figcaption></figcaption>
        </figure>
        <figure><img alt="">
            <figcaption></figcaption>
        </figure>
    </div>
    <div class="buttons"><button type="button" class="btn btn-plain" data-flicker
            aria-pressed="false">{{ __('contact.flicker_f') }}</button><button type="button" class="btn btn-primary"
            data-do="close">{{ __('contact.close') }}</button></div>
</dialog>
