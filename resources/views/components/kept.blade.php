<div class="kept" id="kept" @if ($swap) hx-swap-oob="true" @endif>
    @if ($kept->time !== '')
        <span class="what" title="{{ $kept->words }}">@say('parts.kept_time_kept', ['time' => $kept->time, 'kept' => $kept->words])</span>
    @endif
    @can('edit')
        <button type="button" class="btn btn-plain" data-do="undo" data-url="{{ $kept->address($of, 'undo') }}"
            title="{{ $kept->undo === null ? __('parts.nothing_of_yours_to_undo') : __('parts.undo_undo', ['undo' => $kept->undo]) }}"
            @disabled($kept->undo === null)>{{ __('parts.undo') }}</button>
        <button type="button" class="btn btn-plain" data-do="redo" data-url="{{ $kept->address($of, 'redo') }}"
            title="{{ $kept->redo === null ? __('parts.nothing_to_redo') : __('parts.redo_redo', ['redo' => $kept->redo]) }}"
            @disabled($kept->redo === null)>{{ __('parts.redo') }}</button>
    @endcan
</div>
