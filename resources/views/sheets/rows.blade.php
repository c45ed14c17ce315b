@include('sheets.head')
<div class="sheet-bar">
    <x-sheet-sums :$screen :label="__('sheets.rows_by_verdict')" />
    @if ($canEdit && $screen->isReady())
        <div class="sheet-deeds">
            @if ($screen->hasRejects())
                <a class="btn btn-plain" href="{{ route('sheet.rejects', $screen->sheet) }}"
                    title="{{ __('sheets.rejects_hint') }}">{{ __('sheets.rejects') }}</a>
            @endif
            @if ($screen->canFetch())
                <form method="post" action="{{ route('sheet.fetch', $screen->sheet) }}">
                    <x-once /><button class="btn btn-plain"
                        title="{{ __('sheets.fetch_hint') }}">{{ __('sheets.fetch') }}</button>
                </form>
            @endif
            @if ($screen->canPilot())
                <form method="post" action="{{ route('sheet.import', $screen->sheet) }}">
                    <x-once /><input type="hidden" name="most" value="{{ $screen->pilot() }}"><button
                        class="btn btn-plain"
                        title="{{ __('sheets.pilot_hint') }}">{{ trans_choice('sheets.pilot', $screen->pilot()) }}</button>
                </form>
            @endif
            @if ($screen->sound() > 0)
                <form method="post" action="{{ route('sheet.import', $screen->sheet) }}">
                    <x-once /><button
                        class="btn btn-primary">{{ trans_choice('sheets.import', $screen->sound(), ['count' => $screen->sound()]) }}</button>
                </form>
            @endif
        </div>
    @endif
</div>
@if ($screen->kinds() !== [])
    <nav class="sheet-kinds" aria-label="{{ __('sheets.rows_by_problem') }}">
        @foreach ($screen->kinds() as $sum)
            <a href="{{ $screen->address($sum->filter) }}"
                @if ($sum->isShown) aria-current="true" @endif>{{ $sum->label }}
                <b>@number($sum->count)</b></a>
        @endforeach
    </nav>
@endif
@if ($screen->remarks() !== [] || $screen->lastBatch() !== null)
    <ul class="sheet-remarks">
        @foreach ($screen->remarks() as $remark)
            <li>{{ $remark }}</li>
        @endforeach
        @if ($screen->lastBatch() !== null)
            <li><a href="{{ route('batch', $screen->lastBatch()) }}">{{ __('sheets.to_the_import') }}</a></li>
        @endif
    </ul>
@endif
@if ($screen->addresses->all() > 0)
    <details class="sheet-remarks">
        <summary>{{ $screen->addresses->inWords() }}</summary>
        <ul>
            @foreach ($screen->addresses->reasons as $address => $reason)
                <li>{{ $address }}: {{ $reason }}</li>
            @endforeach
        </ul>
    </details>
@endif
@if ($screen->rows() === [])
    <p class="empty">{{ $screen->isAtWork() ? __('sheets.not_yet') : __('sheets.no_rows') }}</p>
@else
    <table class="plain sheet-rows">
        <thead>
            <tr>
                <th scope="col" class="number">{{ __('sheets.row') }}</th>
                <th scope="col">{{ __('sheets.verdict') }}</th>
                <th scope="col">{{ __('sheets.product') }}</th>
                <th scope="col">{{ __('sheets.sku') }}</th>
                <th scope="col">{{ __('sheets.what_and_why') }}</th>
            </tr>
        </thead>
        <tbody>
            @foreach ($screen->rows() as $row)
                <tr class="is-{{ $row->verdict() }}" id="row-{{ $row->number() }}">
                    <td class="number">{{ $row->number() }}</td>
                    <td><span class="sheet-verdict">{{ $row->verdictInWords() }}</span></td>
                    <td><span class="code">{{ $row->code() }}</span> {{ $row->name() }}</td>
                    <td>{{ $row->place() }}</td>
                    <td>
                        @foreach ($row->changes() as $field => [$from, $to])
                            <p class="sheet-change"><span class="quiet">{{ $field }}</span>
                                <del>{{ $from }}</del>
                                <span aria-hidden="true">→</span> <ins>{{ $to }}</ins>
                            </p>
                        @endforeach
                        @if ($row->isHeld())
                            <p class="quiet">{{ __('sheets.held') }}</p>
                        @endif
                        @foreach ($row->problems() as $one)
                            @include('sheets.problem')
                        @endforeach
                    </td>
                </tr>
            @endforeach
        </tbody>
    </table>
    @if ($screen->nextAddress() !== null)
        <nav class="pages" aria-label="{{ __('batches.pages') }}"><a class="btn btn-plain"
                href="{{ $screen->nextAddress() }}" rel="next">{{ __('sheets.later_rows') }}</a></nav>
    @endif
@endif
