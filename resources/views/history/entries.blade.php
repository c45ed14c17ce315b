<tbody>
    @foreach ($entries as $entry)
        <tr>
            @if ($product !== null)
                <td>
                    @if ($entry->undone_at === null)
                        <input type="radio" class="form-check-input" name="from" value="{{ $entry->id }}"
                            aria-label="{{ __('history.compare_from_here_entry', ['entry' => $entry->words]) }}"
                            @checked($entry->id === ($points[1] ?? ($points[0] ?? 0)))>
                    @endif
                </td>
                <td>
                    @if ($entry->undone_at === null)
                        <input type="radio" class="form-check-input" name="to" value="{{ $entry->id }}"
                            aria-label="{{ __('history.compare_to_here_entry', ['entry' => $entry->words]) }}"
                            @checked($entry->id === ($points[0] ?? 0))>
                    @endif
                </td>
            @endif
            <td><time datetime="{{ $entry->created_at->toIso8601String() }}">{{ $entry->at('j M Y H:i') }}</time></td>
            <td class="who">{{ $entry->user->name }}</td>
            <td class="picture">
                @if ($entry->photo_id !== null)
                    <img src="{{ route('photo', [$entry->photo_id, 'thumb'], false) }}" alt="" width="32"
                        height="32" loading="lazy">
                @endif
            </td>
            <td><span @class(['undone' => $entry->undone_at !== null])>{{ $entry->words }}</span>
                @if ($entry->undone_at !== null)
                    <span
                        class="quiet">{{ __('history.undone_undone_at_by_undoer', ['undone_at' => $entry->undoneAt('H:i'), 'undoer' => $entry->undoer?->name]) }}</span>
                    @endif @if ($entry->is_final)
                        <span class="quiet"
                            title="{{ __('history.changes_of_that_age_cannot_be') }}">{{ __('history.words_only') }}</span>
                    @endif
            </td>
            @if ($product !== null)
                <td>
                    @can('edit')
                        @if (!$loop->first || $entries->currentPage() > 1)
                            <button type="button" class="btn btn-plain"
                                data-post="{{ route('undo-to', [$product, $entry->id]) }}"
                                title="{{ __('history.undo_all_changes_of_yours_that') }}">{{ __('history.undo_my_later_ones') }}</button>
                        @endif
                    @endcan
                </td>
            @endif
        </tr>
    @endforeach
</tbody>
