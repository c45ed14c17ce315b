<div class="hole">
    <h2 id="dialog-title">
        {{ __('roles.role_of_part', ['role' => $role->label(), 'part' => $screen->names->label($strip->part)]) }}</h2>
    <p class="quiet">{{ ucfirst($role->meaning()) }}. {{ $cell->reason }}</p>
    <ul class="hole-offers">
        @foreach ($strip->entries as $entry)
            <li>
                <form data-act="{{ route('photos.role', $product) }}"><input type="hidden" name="placements[0]"
                        value="{{ $entry->placement->id }}"><input type="hidden" name="role"
                        value="{{ $role->value }}"><input type="hidden" name="take"
                        value="{{ $entry->placement->carries($role) ? 1 : 0 }}">
                    <button @class(['offer', 'is-now' => $entry->placement->carries($role)])>
                        @if ($screen->picture($entry->placement->id) !== null)
                            <img src="{{ $screen->picture($entry->placement->id) }}" alt="" loading="lazy">
                        @endif
                        <x-file-name
                            :name="$entry->placement->file" /><small>{{ $entry->placement->carries($role) ? __('roles.has_it_take_it_away') : $screen->reachOf($entry->placement) }}</small>
                    </button>
                </form>
            </li>
        @endforeach
    </ul>
    <p class="quiet">{{ __('roles.the_role_holds_wherever_the_picture') }}</p>
    <div class="buttons"><button type="button" class="btn btn-plain" data-do="close">{{ __('roles.close') }}</button>
    </div>
</div>
