<h2 id="dialog-title">
    {{ __('details.a_picture_for_the_description') }}</h2>
<ul class="hole-offers">
    @forelse ($loaded->placements as $row)
        @if ($row->placement->isStill)
            <li><button type="button" class="offer" data-into-description="{{ $row->inDescription() }}">
                    @if ($links->thumb($row->placement) !== null)
                        <img src="{{ $links->thumb($row->placement) }}" alt="" loading="lazy">
                    @endif
                    <x-file-name :name="$row->file()" />
                </button></li>
        @endif @empty<li class="quiet">{{ __('details.this_product_has_no_picture_yet') }}</li>
    @endforelse
</ul>
<div class="buttons"><button type="button" class="btn btn-plain" data-do="close">{{ __('details.close') }}</button>
</div>
