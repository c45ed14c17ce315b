<div class="alike" aria-label="{{ __('intake.shows_the_same') }}">
    <figure>
        @if ($screen->row->picture() !== null)
            <img src="{{ $screen->row->picture() }}" alt="">
        @endif
        <figcaption>
            <b>{{ __('intake.this_one') }}</b> {{ $screen->row->measures() }}
            @if ($canEdit)
                @if ($screen->replaces() !== '' && $screen->canAccept())
                    <button type="button" class="btn btn-plain" data-intake="replace"
                        data-files="{{ $screen->file->file->id }}:{{ $screen->file->seen() }}">{{ __('intake.put_it_in_the_place_of', ['file' => $screen->replaces()]) }}</button>
                @endif
                @if ($screen->canAccept() && $screen->isDouble())
                    <button type="button" class="btn btn-plain" data-intake="accept"
                        data-files="{{ $screen->file->file->id }}:{{ $screen->file->seen() }}">{{ __('intake.link_it_as_well') }}</button>
                @endif
                <button type="button" class="btn btn-plain" data-intake="aside"
                    data-files="{{ $screen->file->file->id }}">{{ __('intake.put_it_aside') }}</button>
            @endif
        </figcaption>
    </figure>
    @foreach ($screen->alike() as $alike)
        <figure>
            @if ($alike->isReady)
                <img src="{{ route('photo', [$alike->photoId, 'thumb'], false) }}" alt="">
            @endif
            <figcaption>
                <b>{{ $alike->file }}</b> {{ $screen->measures($alike) }}
                @if ($canEdit && $alike->fileId !== null)
                    <button type="button" class="btn btn-plain" data-intake="aside"
                        data-files="{{ $alike->fileId }}">{{ __('intake.put_that_one_aside') }}</button>
                @endif
            </figcaption>
        </figure>
    @endforeach
</div>
