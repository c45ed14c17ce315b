@props(['of', 'swap' => false, 'after' => null])
@php($kept = $after === null ? App\Http\Screens\HistoryBar::of($of, auth()->user()) : App\Http\Screens\HistoryBar::after($after))
<div class="kept" id="kept" @if ($swap) hx-swap-oob="true" @endif>
    @if ($kept->time !== '')
        <span class="what" title="{{ $kept->words }}">Kept <b>{{ $kept->time }}</b> · {{ $kept->words }}</span>
    @endif
    @can('edit')
        <button type="button" class="btn btn-plain" data-do="undo" data-url="{{ $kept->address($of, 'undo') }}"
            title="{{ $kept->undo === null ? 'Nothing of yours to undo' : 'Undo: ' . $kept->undo }}"
            @disabled($kept->undo === null)>Undo</button>
        <button type="button" class="btn btn-plain" data-do="redo" data-url="{{ $kept->address($of, 'redo') }}"
            title="{{ $kept->redo === null ? 'Nothing to redo' : 'Redo: ' . $kept->redo }}"
            @disabled($kept->redo === null)>Redo</button>
    @endcan
</div>
