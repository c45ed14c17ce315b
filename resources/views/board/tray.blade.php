@php($shown = $tray->shown())
@php($hidden = $tray->hidden())
@php($unlinked = $tray->unlinked())
<aside class="tray" id="tray" aria-label="Photos" data-waiting="{{ $tray->isWaiting() ? '1' : '' }}"
    data-selected="{{ $tray->selected }}">
    <h2>{{ $tray->title() }}<span>{{ $tray->counts() }}</span></h2>
    <p class="remark">{{ $tray->sameness() }}@if ($tray->coverage() !== null)
            Views: {{ $tray->coverage()->inWords() }}.
        @endif
    </p>
    @can('edit')
        <div class="tools" role="group" aria-label="For the marked pictures" data-needs-marks hidden>
            <button type="button" class="btn btn-plain" data-change="link">Link here</button>
            <button type="button" class="btn btn-plain" data-change="link" data-with='{"only":1}'>Only here</button>
            <button type="button" class="btn btn-plain" data-change="unlink">Unlink here</button>
            <button type="button" class="btn btn-plain" data-change="unlink" data-with='{"everywhere":1}'>Back to
                tray</button>
            <button type="button" class="btn btn-plain" data-change="hide">Hide here</button>
            <label class="visually-hidden" for="marked-view">View of the marked pictures</label>
            <select class="form-select" id="marked-view">
                <option value="">View…</option><x-view-options />
            </select>
        </div>
        @if (count($shown) > 1)
            <div class="tools" role="group" aria-label="Order of the galleries" data-needs-no-marks>
                @if ($loaded->core->library->shotList !== null)
                    <button type="button" class="btn btn-plain" data-change="follow-shot-list"
                        title="Sort all galleries of this product by the shot list">Follow the shot list</button>
                @endif
                <button type="button" class="btn btn-plain" data-change="match-others"
                    title="Give the other galleries the sequence of views that this one has">Match the others to
                    this</button>
            </div>
        @endif
    @endcan
    <ul class="cards" id="gallery" aria-label="{{ $tray->title() }}">
        @foreach ($shown as $card)
            @include('board.card')
        @endforeach
        @foreach ($tray->coverage()?->holes() ?? [] as $hole)
            <li @class(['missing-view', 'is-wanted' => !$hole->isRequiredHole()])>no {{ $hole->shot->view->name }}
                view<small>{{ $hole->shot->need->value }}{{ $hole->lacking < $hole->skus ? ', ' . $hole->inWords() : '' }}</small>
            </li>
        @endforeach
    </ul>
    @if ($hidden !== [])
        <h2>Hidden here<span>{{ count($hidden) }}</span></h2>
        <ul class="cards" id="hidden-here" aria-label="Hidden here">
            @foreach ($hidden as $card)
                @include('board.card')
            @endforeach
        </ul>
    @endif
    <div class="unlinked">
        <h2>Not linked yet<span>{{ count($unlinked) }} {{ count($unlinked) === 1 ? 'picture' : 'pictures' }}</span>
        </h2>
        @can('edit')
            <div class="dropzone"><x-icon name="upload" /><span>Drop pictures here, or</span><input class="visually-hidden"
                    type="file" id="files" multiple
                    accept="image/jpeg,image/png,image/webp,image/avif,image/tiff,image/gif,video/mp4,video/webm,.glb"
                    data-files><label for="files">choose files</label></div>
        @endcan
        <div class="uploads" id="uploads" data-keep="1" aria-live="polite"></div>
        @if ($unlinked !== [])
            <p class="remark">Drag onto a color, a size, a cell or the corner; or mark and press <kbd>L</kbd>.</p>
        @endif
        <ul class="cards" id="unlinked" aria-label="Not linked yet">
            @foreach ($unlinked as $card)
                @include('board.card')
            @endforeach
        </ul>
    </div>
</aside>
