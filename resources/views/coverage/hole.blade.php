@php($offered = $hole->offered())
@php($own = $hole->own())
<div class="hole">
    <h2 id="dialog-title">{{ $hole->view->label() }} of {{ $hole->place() }}</h2>
    <p class="quiet">
        {{ $hole->cell === null ? 'Needed as the shot list says, for every color.' : ucfirst($hole->cell->inWords()) . ' on ' . number_format($hole->cell->lacking) . ($hole->cell->lacking === 1 ? ' SKU.' : ' SKUs.') }}
    </p>
    @if ($hole->cell !== null)
        <div class="field"><label for="hole-file">A file to take in for it</label><input class="form-control"
                type="file" id="hole-file" accept="image/*,video/mp4,video/webm,.glb" multiple data-hole-file
                data-onto="{{ $hole->selected }}" data-view="{{ $hole->view->key }}"
                data-words="{{ $hole->place() }}, {{ $hole->view->name }}"></div>
        @if ($offered === [])
            <p class="quiet">No picture of this product waits for a place.</p>
        @else
            <h3>Or one that is here already</h3>
            <ul class="hole-offers">
                @foreach ($offered as [$row, $thumb, $where])
                    <li>
                        <form data-act="{{ route('coverage.fill', $product) }}"><input type="hidden"
                                name="placements[0]" value="{{ $row->id() }}"><input type="hidden" name="onto"
                                value="{{ $hole->selected }}"><input type="hidden" name="view"
                                value="{{ $hole->view->key }}">
                            <button class="offer">
                                @if ($thumb !== null)
                                    <img src="{{ $thumb }}" alt="" loading="lazy">
                                @endif
                                <x-file-name :name="$row->file()" /><small>{{ $where }}</small>
                            </button>
                        </form>
                    </li>
                @endforeach
            </ul>
        @endif
    @endif
    <form data-act="{{ route('coverage.shot', $product) }}" class="hole-need">
        <h3>Is it needed of {{ $product->name }}?</h3>
        <input type="hidden" name="view" value="{{ $hole->view->key }}">
        <div class="line">
            <div class="field"><label for="shot-need">{{ $hole->view->label() }} pictures are</label><select
                    class="form-select" id="shot-need" name="need">
                    <option value="">as the shot list says</option>
                    @foreach (Core\Gallery\Coverage\Need::cases() as $need)
                        <option value="{{ $need->value }}" @selected($own?->need === $need)>{{ $need->value }} here
                        </option>
                    @endforeach
                </select></div>
            <div class="field wide"><label for="shot-reason">Why</label><input class="form-control" id="shot-reason"
                    name="reason" value="{{ $own?->reason }}" maxlength="120"
                    placeholder="Such as: nobody wears a cushion" autocomplete="off"></div>
            <button class="btn btn-primary">Keep</button>
        </div>
    </form>
    <div class="buttons"><a class="btn btn-plain"
            href="{{ route('board', ['product' => $product, 'selected' => $hole->selected]) }}">Show it on the
            board</a><button type="button" class="btn btn-plain" data-do="close">Close</button></div>
</div>
