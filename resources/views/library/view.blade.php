<form data-act="{{ $view === null ? route('library.views.create') : route('library.view.edit', $view) }}">
    <h2 id="dialog-title">{{ $view === null ? 'Another view' : 'View ' . $view->name }}</h2>
    @if ($view !== null)
        <p class="quiet">
            {{ $pictures === 0 ? 'No picture shows it at the moment.' : number_format($pictures) . ($pictures === 1 ? ' picture shows' : ' pictures show') . ' it; they keep it under any name.' }}
        </p>
    @endif
    <div class="two-fields">
        <div class="field"><label for="view-name">Name</label><input class="form-control" id="view-name" name="name"
                value="{{ $view?->name }}" maxlength="40" placeholder="Such as sole" required autocomplete="off"></div>
        <div class="field"><label for="view-showing">It shows</label><select class="form-select" id="view-showing"
                name="showing">
                @foreach (Core\Gallery\Showing::cases() as $showing)
                    <option value="{{ $showing->value }}" @selected($view?->showing === $showing)>{{ $showing->inWords() }}
                    </option>
                @endforeach
            </select></div>
    </div>
    <div class="field"><label for="view-words">Words in file names</label>
        <textarea class="form-control" id="view-words" name="words" rows="2"
            placeholder="Such as sole, outsole, bottom">{{ implode(', ', $view->words ?? []) }}</textarea>
        <p class="hint">Its name is one of them.</p>
    </div>
    <div class="field"><label for="view-loose">Words that may mean goods as well</label><input class="form-control"
            id="view-loose" name="loose_words" value="{{ implode(', ', $view->loose_words ?? []) }}"
            placeholder="Such as top, box">
        <p class="hint">They count only where a name has no plainer word.</p>
    </div>
    <div class="field"><label for="view-translations">In other languages</label>
        <textarea class="form-control" id="view-translations" name="translations" rows="2" placeholder="de: Sohle">{{ $view === null ? '' : Core\Text\Translations::of($view->translations)->typed() }}</textarea>
        <p class="hint">For alt texts in these languages.</p>
    </div>
    <div class="buttons"><button type="button" class="btn btn-plain" data-do="close">Cancel</button><button
            class="btn btn-primary">Keep</button></div>
</form>
@if ($view !== null && $pictures === 0)
    <form data-act="{{ route('library.view.remove', $view) }}"><button class="btn btn-plain">Remove this view</button>
    </form>
@endif
