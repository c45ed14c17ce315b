<h2 id="dialog-title">
    Replace {{ count($pairs) === 1 ? 'a picture' : number_format(count($pairs)) . ' pictures' }} by better files</h2>
<p class="quiet">Each new file takes over where the old one is linked, its place in the order, its roles and its texts.
    One undo takes all of it back.</p>
<div class="better">
    <table class="plain">
        <thead>
            <tr>
                <th scope="col">Replace</th>
                <th scope="col">Now</th>
                <th scope="col">After</th>
                <th scope="col">Where</th>
            </tr>
        </thead>
        <tbody>
            @foreach ($pairs as $pair)
                <tr>
                    <td><input type="checkbox" class="form-check-input" checked
                            value="{{ $pair->row->id() }}:{{ $pair->row->read->seen() }}"
                            aria-label="Replace {{ $pair->old->file }}"></td>
                    <td>
                        <figure>
                            @if ($pair->old->isReady)
                                <img src="{{ App\Media\PhotoSize::Thumb->address($pair->old->photoId) }}"
                                    alt="">
                            @endif
                            <figcaption>
                                <x-file-name :name="$pair->old->file" />{{ $pair->old->width }} × {{ $pair->old->height }}
                            </figcaption>
                        </figure>
                    </td>
                    <td>
                        <figure>
                            @if ($pair->row->picture() !== null)
                                <img src="{{ $pair->row->picture() }}" alt="">
                            @endif
                            <figcaption>
                                <x-file-name :name="$pair->row->file()" />{{ $pair->row->read->width }} ×
                                {{ $pair->row->read->height }}@if ($pair->isSmaller())
                                    <span class="warns">smaller than now</span>
                                @endif
                            </figcaption>
                        </figure>
                    </td>
                    <td><b>{{ $pair->row->read->product->name }}</b><br>{{ $pair->row->place() }}</td>
                </tr>
            @endforeach
        </tbody>
    </table>
</div>
<div class="buttons"><button type="button" class="btn btn-plain" data-do="close">Leave all as they are</button><button
        type="button" class="btn btn-primary" data-intake="replace" data-of="better">Replace them</button></div>
