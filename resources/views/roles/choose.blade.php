<div class="hole">
    <h2 id="dialog-title">{{ $role->label() }} of {{ $screen->names->label($strip->part) }}</h2>
    <p class="quiet">{{ ucfirst($role->meaning()) }}. {{ $cell->reason }}</p>
    <ul class="hole-offers">
        @foreach ($strip->entries as $entry)
            @php($carries = $entry->placement->carries($role))
            @php($thumb = $screen->picture($entry->placement->id))
            <li>
                <form data-act="{{ route('photos.role', $product) }}"><input type="hidden" name="placements[0]"
                        value="{{ $entry->placement->id }}"><input type="hidden" name="role"
                        value="{{ $role->value }}"><input type="hidden" name="take" value="{{ $carries ? 1 : 0 }}">
                    <button @class(['offer', 'is-now' => $carries])>
                        @if ($thumb !== null)
                            <img src="{{ $thumb }}" alt="" loading="lazy">
                        @endif
                        <x-file-name
                            :name="$entry->placement->file" /><small>{{ $carries ? 'has it; take it away' : $screen->reachOf($entry->placement) }}</small>
                    </button>
                </form>
            </li>
        @endforeach
    </ul>
    <p class="quiet">The role holds wherever the picture is shown, unless a narrower one has it there.</p>
    <div class="buttons"><button type="button" class="btn btn-plain" data-do="close">Close</button></div>
</div>
