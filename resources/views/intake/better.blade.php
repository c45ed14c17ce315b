<h2 id="dialog-title">
    {{ trans_choice('intake.replace_pairs_by_better_files', count($pairs)) }}</h2>
<p class="quiet">{{ __('intake.each_new_file_takes_over_where') }}</p>
<div class="better">
    <table class="plain">
        <thead>
            <tr>
                <th scope="col">{{ __('intake.replace') }}</th>
                <th scope="col">{{ __('intake.now') }}</th>
                <th scope="col">{{ __('intake.after') }}</th>
                <th scope="col">{{ __('intake.where') }}</th>
            </tr>
        </thead>
        <tbody>
            @foreach ($pairs as $pair)
                <tr>
                    <td><input type="checkbox" class="form-check-input" checked
                            value="{{ $pair->row->id() }}:{{ $pair->row->read->seen() }}"
                            aria-label="{{ __('intake.replace_file', ['file' => $pair->old->file]) }}"></td>
                    <td>
                        <figure>
                            @if ($pair->old->isReady)
                                <img src="{{ route('photo', [$pair->old->photoId, 'thumb'], false) }}" alt="">
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
                                    <span class="warns">{{ __('intake.smaller_than_now') }}</span>
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
<div class="buttons"><button type="button" class="btn btn-plain"
        data-do="close">{{ __('intake.leave_all_as_they_are') }}</button><button type="button" class="btn btn-primary"
        data-intake="replace" data-of="better">{{ __('intake.replace_them') }}</button></div>
