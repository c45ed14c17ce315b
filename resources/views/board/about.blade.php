<div data-stay="{{ route('photo.about', [$product, $card->row->id()]) }}">
    <h2 id="dialog-title">{{ $card->row->file() }}</h2>
    <p class="quiet">{{ $card->measures() }} · {{ $card->reach === '' ? __('board.not_linked') : $card->reach }}</p>
    <div class="about-picture">
        <div data-player>
            @if ($picture !== null)
                <img src="{{ $picture }}" alt="{{ $card->text }}">
                @if ($card->row->mark() !== '')
                    <button type="button" class="btn btn-primary play" data-kind="{{ $card->row->kind()->value }}"
                        data-play="{{ route('media', [$card->row->photoId, $card->row->type], false) }}">{{ $card->isFilm() ? __('board.play') : __('board.turn_it') }}</button>
                    @can('edit')
                        <button type="button" class="btn btn-plain"
                            data-poster="{{ route('photo.poster', $card->row->photoId) }}"
                            hidden>{{ __('board.take_the_poster_from_this_view') }}</button>
                    @endcan
            @endif @else<p class="quiet">
                    {{ $card->row->failure ?? __('board.this_picture_is_being_read') }}</p>
                @can('edit')
                    @if ($card->row->photoState->canBeReadAgain())
                        <button type="button" class="btn btn-plain" data-change="read-again"
                            data-placements="{{ $card->row->id() }}">{{ __('board.read_it_again') }}</button>
                    @endif
                @endcan
            @endif
        </div>
        <div>
            <p><button type="button" class="btn btn-plain"
                    data-dialog="{{ route('intake.stored.uses', $card->row->photoId) }}">{{ __('board.where_it_is_used') }}</button>
            </p>
            <h3>{{ __('board.why_it_is_here') }}</h3>
            <ul>
                @forelse ($card->reasons as $reason)
                <li>{{ $reason }}</li>@empty<li>{{ __('board.it_is_linked_to_nothing_yet') }}</li>
                @endforelse
            </ul>
            @can('edit')
                <h3>{{ __('board.roles') }}</h3>
                <div class="roles" role="group" aria-label="{{ __('board.roles') }}">
                    @foreach ($roles as $role)
                        <button type="button" class="btn btn-plain"
                            aria-pressed="{{ $card->row->placement->carries($role) ? 'true' : 'false' }}"
                            data-change="role" data-placements="{{ $card->row->id() }}"
                            data-with="{{ json_encode(['role' => $role->value, 'take' => $card->row->placement->carries($role) ? 1 : 0]) }}"
                            title="{{ $role->meaning() }}">{{ $role->label() }}</button>
                    @endforeach
                </div>
                <form data-act="{{ route('photos.view', $product) }}" data-at-once class="field">
                    <label for="picture-view">{{ __('board.view_2') }}</label>
                    <input type="hidden" name="placements[]" value="{{ $card->row->id() }}">
                    <select class="form-select" id="picture-view" name="view">
                        <option value="">{{ __('board.not_said') }}</option><x-view-options :chosen="$card->row->placement->view" />
                    </select>
                </form>
                <form data-act="{{ route('photos.alt', $product) }}" data-at-once class="field">
                    <label for="picture-text">{{ __('board.alt_text') }}</label>
                    <input type="hidden" name="placements[]" value="{{ $card->row->id() }}">
                    <input class="form-control" id="picture-text" name="text"
                        value="{{ $card->row->placement->altText }}" placeholder="{{ $card->text }}" maxlength="300">
                    <p class="hint">{{ __('board.kept_as_you_leave_the_field') }}
                    </p>
                </form>
                <div class="roles" role="group" aria-label="{{ __('board.links') }}">
                    <button type="button" class="btn btn-plain" data-change="link"
                        data-placements="{{ $card->row->id() }}">{{ __('board.link_to_selection', ['selection' => $selection->inWords()]) }}</button>
                    <button type="button" class="btn btn-plain" data-change="link"
                        data-placements="{{ $card->row->id() }}"
                        data-with='{"only":1}'>{{ __('board.only_there') }}</button>
                    @if ($card->isHidden)
                        <button type="button" class="btn btn-plain" data-change="hide"
                            data-placements="{{ $card->row->id() }}"
                            data-with='{"again":1}'>{{ __('board.show_here_again') }}</button>
                    @elseif ($card->reach !== '' && $card->place > 0)
                        <button type="button" class="btn btn-plain" data-change="hide"
                            data-placements="{{ $card->row->id() }}">{{ __('board.hide_here') }}</button>
                        <button type="button" class="btn btn-plain" data-change="unlink"
                            data-placements="{{ $card->row->id() }}">{{ __('board.unlink_here') }}</button>
                        <button type="button" class="btn btn-plain" data-change="move"
                            data-placements="{{ $card->row->id() }}"
                            data-with="{{ json_encode(['to' => $card->earlier()]) }}">{{ __('board.earlier') }}</button>
                        <button type="button" class="btn btn-plain" data-change="move"
                            data-placements="{{ $card->row->id() }}"
                            data-with="{{ json_encode(['to' => $card->place]) }}">{{ __('board.later') }}</button>
                    @endif
                    @if ($picture !== null && $card->row->mark() === '')
                        <button type="button" class="btn btn-plain"
                            data-dialog="{{ route('photo.crop.plan', [$product, $card->row->id()]) }}"
                            data-verb="POST">{{ __('board.focus_and_crop') }}</button>
                    @endif
                    <label class="btn btn-plain replace">{{ __('board.replace_the_file') }}<input class="visually-hidden"
                            type="file" data-replace="{{ route('photo.replace', [$product, $card->row->id()]) }}"
                            accept="image/jpeg,image/png,image/webp,image/avif,image/tiff,image/gif"></label>
                    @if ($isLinked)
                        <button type="button" class="btn btn-plain" data-change="unlink"
                            data-placements="{{ $card->row->id() }}"
                            data-with='{"everywhere":1}'>{{ __('board.back_to_the_tray') }}</button>
                    @endif
                </div>
            @endcan
        </div>
    </div>
    <div class="buttons">
        @can('edit')
            @if (!$isLinked)
                <details>
                    <summary class="quiet">{{ __('board.remove_for_good') }}</summary>
                    <p>{{ __('board.it_leaves_this_product_other_products') }}</p><button type="button"
                        class="btn btn-danger" data-change="remove"
                        data-placements="{{ $card->row->id() }}">{{ __('board.remove_file', ['file' => $card->row->file()]) }}</button>
                </details>
            @endif
        @endcan
        <button type="button" class="btn btn-plain" data-do="close">{{ __('board.close') }}</button>
    </div>
</div>
