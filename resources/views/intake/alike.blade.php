<div class="alike" aria-label="Shows the same">
    <figure>
        @if ($screen->row->picture() !== null)
            <img src="{{ $screen->row->picture() }}" alt="">
        @endif
        <figcaption>
            <b>This one</b> {{ $file->width }} × {{ $file->height }},
            {{ App\Http\Screens\Sizes::megabytes($file->file->bytes) }}
            @if ($can)
                @php($replaces = collect($file->alike)->first(fn($alike) => $alike->placementId !== null))
                @if ($replaces !== null && $screen->canAccept())
                    <button type="button" class="btn btn-plain" data-intake="replace"
                        data-files="{{ $file->file->id }}:{{ $file->seen() }}">Put it in the place of
                        {{ $replaces->file }}</button>
                @endif
                @if ($screen->canAccept() && $file->status === Core\Matching\Drop\DropFileStatus::Double)
                    <button type="button" class="btn btn-plain" data-intake="accept"
                        data-files="{{ $file->file->id }}:{{ $file->seen() }}">Link it as well</button>
                @endif
                <button type="button" class="btn btn-plain" data-intake="aside" data-files="{{ $file->file->id }}">Put
                    it aside</button>
            @endif
        </figcaption>
    </figure>
    @foreach (array_slice($file->alike, 0, 3) as $alike)
        <figure>
            @if ($alike->isReady)
                <img src="{{ App\Media\PhotoSize::Thumb->address($alike->photoId) }}" alt="">
            @endif
            <figcaption>
                <b>{{ $alike->file }}</b> {{ $alike->width }} × {{ $alike->height }},
                {{ App\Http\Screens\Sizes::megabytes($alike->bytes) }}
                @if ($can && $alike->fileId !== null)
                    <button type="button" class="btn btn-plain" data-intake="aside"
                        data-files="{{ $alike->fileId }}">Put that one aside</button>
                @endif
            </figcaption>
        </figure>
    @endforeach
</div>
