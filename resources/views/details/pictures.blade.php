<h2 id="dialog-title">
    A picture for the description</h2>
<ul class="hole-offers">
    @forelse ($loaded->placements as $row)
        @if ($row->placement->isStill)
            <li><button type="button" class="offer"
                    data-into-description="{{ Core\Product\Description::picture($row->id()) }}">
                    @if ($links->thumb($row->placement) !== null)
                        <img src="{{ $links->thumb($row->placement) }}" alt="" loading="lazy">
                    @endif
                    <x-file-name :name="$row->file()" />
                </button></li>
        @endif @empty<li class="quiet">This product has no picture yet.</li>
    @endforelse
</ul>
<div class="buttons"><button type="button" class="btn btn-plain" data-do="close">Close</button></div>
