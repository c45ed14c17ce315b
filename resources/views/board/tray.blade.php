@php($shown = $tray->shown())
@php($hidden = $tray->hidden())
@php($unlinked = $tray->unlinked())
<aside class="tray" id="tray" aria-label="Photos" data-waiting="{{ $tray->isWaiting() ? '1' : '' }}" data-selected="{{ $tray->selection->token }}">
    <h2>{{ $tray->title() }}<span>{{ $tray->counts() }}</span></h2>
    <p class="remark">{{ $tray->sameness() }}</p>
    @can('edit')
        <div class="tools" role="group" aria-label="For the marked pictures">
            <button type="button" class="btn btn-plain" data-change="link" data-needs-marks disabled>Link here</button>
            <button type="button" class="btn btn-plain" data-change="link" data-with='{"only":1}' data-needs-marks disabled>Only here</button>
            <button type="button" class="btn btn-plain" data-change="unlink" data-needs-marks disabled>Unlink here</button>
            <button type="button" class="btn btn-plain" data-change="unlink" data-with='{"everywhere":1}' data-needs-marks disabled>Back to tray</button>
            <button type="button" class="btn btn-plain" data-change="hide" data-needs-marks disabled>Hide here</button>
            <label class="visually-hidden" for="marked-view">View of the marked pictures</label>
            <select class="form-select" id="marked-view" data-needs-marks disabled><option value="">View…</option>@foreach (Core\Gallery\View::cases() as $view)<option value="{{ $view->value }}">{{ $view->label() }}</option>@endforeach</select>
            @if (count($shown) > 1)
                @if ($loaded->shotList !== null)<button type="button" class="btn btn-plain" data-change="follow-shot-list" title="Sort all galleries of this product by the shot list">Follow the shot list</button>@endif
                <button type="button" class="btn btn-plain" data-change="match-others" title="Give every gallery the sequence of views that this one has">Match the others to this</button>
            @endif
        </div>
    @endcan
    <ul class="cards" id="gallery" aria-label="{{ $tray->title() }}">
        @foreach ($shown as $card)@include('board.card')@endforeach
        @foreach ($tray->missingViews() as $view)<li class="missing-view">no {{ $view->value }} view</li>@endforeach
    </ul>
    @if ($hidden !== [])
        <h2>Hidden here<span>{{ count($hidden) }}</span></h2>
        <ul class="cards" id="hidden-here" aria-label="Hidden here">@foreach ($hidden as $card)@include('board.card')@endforeach</ul>
    @endif
    <div class="unlinked">
        <h2>Not linked yet<span>{{ count($unlinked) }} {{ count($unlinked) === 1 ? 'picture' : 'pictures' }}</span></h2>
        @can('edit')
            <div class="dropzone"><x-icon name="upload"/><span>Drop pictures here, or</span><input class="visually-hidden" type="file" id="files" multiple accept="image/jpeg,image/png,image/webp,image/avif" data-files><label for="files">choose files</label></div>
        @endcan
        <div class="uploads" id="uploads" data-keep="1" aria-live="polite"></div>
        @if ($unlinked !== [])<p class="remark">Drag onto a color, a size, a cell or the corner; or mark and press <kbd>L</kbd>.</p>@endif
        <ul class="cards" id="unlinked" aria-label="Not linked yet">@foreach ($unlinked as $card)@include('board.card')@endforeach</ul>
    </div>
</aside>
