<tbody>
    @foreach ($entries as $entry)
        <tr>
            @if ($product !== null)
                <td>
                    @if ($entry->undone_at === null)
                        <input type="radio" class="form-check-input" name="from" value="{{ $entry->id }}"
                            aria-label="Compare from here: {{ $entry->words }}" @checked($entry->id === ($points[1] ?? ($points[0] ?? 0)))>
                    @endif
                </td>
                <td>
                    @if ($entry->undone_at === null)
                        <input type="radio" class="form-check-input" name="to" value="{{ $entry->id }}"
                            aria-label="Compare to here: {{ $entry->words }}" @checked($entry->id === ($points[0] ?? 0))>
                    @endif
                </td>
            @endif
            <td><time datetime="{{ $entry->created_at->toIso8601String() }}">{{ $entry->at('j M Y H:i') }}</time></td>
            <td class="who">{{ $entry->user->name }}</td>
            <td class="picture">
                @if ($entry->photo_id !== null)
                    <img src="{{ App\Media\PhotoSize::Thumb->address($entry->photo_id) }}" alt="" width="32"
                        height="32" loading="lazy">
                @endif
            </td>
            <td><span @class(['undone' => $entry->undone_at !== null])>{{ $entry->words }}</span>
                @if ($entry->undone_at !== null)
                    <span class="quiet">undone {{ $entry->undoneAt('H:i') }} by {{ $entry->undoer?->name }}</span>
                    @endif @if ($entry->is_final)
                        <span class="quiet" title="Changes of that age cannot be undone">words only</span>
                    @endif
            </td>
            @if ($product !== null)
                <td>
                    @can('edit')
                        @if (!$loop->first || $entries->currentPage() > 1)
                            <button type="button" class="btn btn-plain"
                                data-post="{{ route('undo-to', [$product, $entry->id]) }}"
                                title="Undo all changes of yours that came after this one">Undo my later ones</button>
                        @endif
                    @endcan
                </td>
            @endif
        </tr>
    @endforeach
</tbody>
