<li class="card-picture @if ($card->isHidden) is-hidden @endif" id="picture-{{ $card->row->id() }}"
    data-placement="{{ $card->row->id() }}" draggable="{{ $canEdit ? 'true' : 'false' }}">
    <button type="button" class="pick" aria-pressed="false" title="{{ $card->hint() }}">
        @if ($card->thumb !== null)
            <img class="thumb" src="{{ $card->thumb }}" alt="{{ $card->text }}" draggable="false">
        @else
            <span class="thumb waiting">{{ $card->row->failure ?? __('board.being_read') }}</span>
        @endif
        <span class="caption"><b>
                @if (($card->place > 0 || $card->isHidden) && $card->row->placement->view !== null)
                    {{ $card->row->placement->view->label() }}
                @else
                    <x-file-name :name="$card->row->file()" />
                @endif
            </b>
            <em>{{ $card->isHidden ? __('board.hidden_here_2') : ($card->reach === '' ? $card->row->placement->view?->label() ?? __('board.not_linked') : $card->reach) }}</em></span>
    </button>
    @if ($card->badges !== [])<span class="badges">
            @foreach ($card->badges as $badge)
                <span>{{ $badge }}</span>
            @endforeach
        </span>@endif
    @if ($card->row->mark() !== '')
        <span class="film-mark">{{ $card->row->mark() }}</span>
    @endif
    @if ($card->place > 0)
        <span class="place">{{ $card->place }}</span>
    @endif
    <button type="button" class="btn-quiet about"
        data-about="{{ route('photo.about', [$product, $card->row->id()]) }}"
        title="{{ __('board.about_file', ['file' => $card->row->file()]) }}">…<span class="visually-hidden">
            {{ __('board.about_file', ['file' => $card->row->file()]) }}</span></button>
</li>
