<div data-stay="{{ route('photo.about', [$product, $card->row->id()]) }}">
    <h2 id="dialog-title">{{ $card->row->file() }}</h2>
    <p class="quiet">{{ number_format($card->row->width) }} × {{ number_format($card->row->height) }} px,
        {{ number_format($card->row->bytes / 1024) }}
        kB{{ $card->row->kind() === App\Media\MediaKind::Film ? ', ' . number_format($card->row->milliseconds / 1000, 1) . ' s' : '' }}
        · {{ $card->reach === '' ? 'not linked' : $card->reach }}</p>
    <div class="about-picture">
        <div data-player>
            @if ($picture !== null)
                <img src="{{ $picture }}" alt="{{ $card->text }}">
                @if ($card->row->mark() !== '')
                    <button type="button" class="btn btn-primary play" data-kind="{{ $card->row->kind()->value }}"
                        data-play="{{ App\Media\MediaKind::address($card->row->photoId, $card->row->type) }}">{{ $card->row->kind() === App\Media\MediaKind::Film ? 'Play' : 'Turn it' }}</button>
                    @can('edit')
                        <button type="button" class="btn btn-plain"
                            data-poster="{{ route('photo.poster', $card->row->photoId) }}" hidden>Take the poster from this
                            view</button>
                    @endcan
            @endif @else<p class="quiet">
                    {{ $card->row->failure ?? 'This picture is being read.' }}</p>
                @can('edit')
                    @if ($card->row->photoState->canBeReadAgain())
                        <button type="button" class="btn btn-plain" data-change="read-again"
                            data-placements="{{ $card->row->id() }}">Read it again</button>
                    @endif
                @endcan
            @endif
        </div>
        <div>
            <p><button type="button" class="btn btn-plain"
                    data-dialog="{{ route('intake.stored.uses', $card->row->photoId) }}">Where it is used</button></p>
            <h3>Why it is here</h3>
            <ul>
                @forelse ($card->reasons as $reason)
                <li>{{ $reason }}</li>@empty<li>It is linked to nothing yet: no shopper sees it.</li>
                @endforelse
            </ul>
            @can('edit')
                <h3>Roles</h3>
                <div class="roles" role="group" aria-label="Roles">
                    @foreach (Core\Gallery\Roles\Role::cases() as $role)
                        @php($has = $card->row->placement->carries($role))
                        <button type="button" class="btn btn-plain" aria-pressed="{{ $has ? 'true' : 'false' }}"
                            data-change="role" data-placements="{{ $card->row->id() }}"
                            data-with="{{ json_encode(['role' => $role->value, 'take' => $has ? 1 : 0]) }}"
                            title="{{ $role->meaning() }}">{{ $role->label() }}</button>
                    @endforeach
                </div>
                <form data-act="{{ route('photos.view', $product) }}" data-at-once class="field">
                    <label for="picture-view">View</label>
                    <input type="hidden" name="placements[]" value="{{ $card->row->id() }}">
                    <select class="form-select" id="picture-view" name="view">
                        <option value="">not said</option><x-view-options :chosen="$card->row->placement->view" />
                    </select>
                </form>
                <form data-act="{{ route('photos.alt', $product) }}" data-at-once class="field">
                    <label for="picture-text">Alt text</label>
                    <input type="hidden" name="placements[]" value="{{ $card->row->id() }}">
                    <input class="form-control" id="picture-text" name="text"
                        value="{{ $card->row->placement->altText }}" placeholder="{{ $card->text }}" maxlength="300">
                    <p class="hint">Kept as you leave the field. Empty: made from the product, its values and the view.
                    </p>
                </form>
                <div class="roles" role="group" aria-label="Links">
                    <button type="button" class="btn btn-plain" data-change="link"
                        data-placements="{{ $card->row->id() }}">Link to {{ $selection->inWords() }}</button>
                    <button type="button" class="btn btn-plain" data-change="link"
                        data-placements="{{ $card->row->id() }}" data-with='{"only":1}'>Only there</button>
                    @if ($card->isHidden)
                        <button type="button" class="btn btn-plain" data-change="hide"
                            data-placements="{{ $card->row->id() }}" data-with='{"again":1}'>Show here again</button>
                    @elseif ($card->reach !== '' && $card->place > 0)
                        <button type="button" class="btn btn-plain" data-change="hide"
                            data-placements="{{ $card->row->id() }}">Hide here</button>
                        <button type="button" class="btn btn-plain" data-change="unlink"
                            data-placements="{{ $card->row->id() }}">Unlink here</button>
                        <button type="button" class="btn btn-plain" data-change="move"
                            data-placements="{{ $card->row->id() }}"
                            data-with="{{ json_encode(['to' => $card->place - 2 < 0 ? 0 : $card->place - 2]) }}">Earlier</button>
                        <button type="button" class="btn btn-plain" data-change="move"
                            data-placements="{{ $card->row->id() }}"
                            data-with="{{ json_encode(['to' => $card->place]) }}">Later</button>
                    @endif
                    @if ($picture !== null && $card->row->mark() === '')
                        <button type="button" class="btn btn-plain"
                            data-dialog="{{ route('photo.crop.plan', [$product, $card->row->id()]) }}"
                            data-verb="POST">Focus and crop…</button>
                    @endif
                    <label class="btn btn-plain replace">Replace the file…<input class="visually-hidden" type="file"
                            data-replace="{{ route('photo.replace', [$product, $card->row->id()]) }}"
                            accept="image/jpeg,image/png,image/webp,image/avif,image/tiff,image/gif"></label>
                    @if ($isLinked)
                        <button type="button" class="btn btn-plain" data-change="unlink"
                            data-placements="{{ $card->row->id() }}" data-with='{"everywhere":1}'>Back to the
                            tray</button>
                    @endif
                </div>
            @endcan
        </div>
    </div>
    <div class="buttons">
        @can('edit')
            @if (!$isLinked)
                <details>
                    <summary class="quiet">Remove for good…</summary>
                    <p>It leaves this product. Other products that use the same picture keep it.</p><button type="button"
                        class="btn btn-danger" data-change="remove" data-placements="{{ $card->row->id() }}">Remove
                        {{ $card->row->file() }}</button>
                </details>
            @endif
        @endcan
        <button type="button" class="btn btn-plain" data-do="close">Close</button>
    </div>
</div>
