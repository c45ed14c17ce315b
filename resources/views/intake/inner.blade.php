@php($drop = $screen->read->drop)
@php($can = auth()->user()->can('edit'))
@php($address = fn(array $with): string => route('intake.drop', ['drop' => $drop->id] + array_filter($with + ['by' => $screen->by, 'show' => $screen->show], fn($value) => $value !== '' && $value !== 'need')))
<div class="intake" data-drop data-url="{{ route('intake.drop', $drop) }}" data-by="{{ $screen->by }}"
    data-shown="{{ $screen->show }}" data-page="{{ $screen->pageNumber() }}"
    data-moving="{{ $screen->isMoving() ? '1' : '' }}" data-pulse="{{ $screen->pulse }}"
    data-can-edit="{{ $can ? '1' : '0' }}">
    <div class="intake-head">
        <div>
            <p class="quiet"><a href="{{ route('intake') }}">Intake</a></p>
            <h1>{{ $drop->name }}</h1>
            <p><b>{{ number_format(count($screen->read->files)) }}</b>
                {{ count($screen->read->files) === 1 ? 'file' : 'files' }} · {{ $drop->user->name }},
                {{ $drop->at('j M H:i') }}{{ $drop->sender === '' ? '' : " · from {$drop->sender}" }}{{ $drop->product === null ? '' : " · all of {$drop->product->name}" }}
                · @if ($screen->isSafe())
                <b>all are safe</b>@else<span
                        class="warns">{{ number_format($screen->count(Core\Matching\Drop\DropFileStatus::Arriving)) }}
                        have not arrived: drop the same files again to go on, what is here is not sent twice</span>
                @endif
            </p>
        </div>
        <div class="intake-deeds">
            @if ($can)
                @php($last = $screen->lastAct())
                @php($undone = $screen->lastUndone())
                @if ($undone !== null)
                    <button type="button" class="btn btn-plain" data-do="redo"
                        data-url="{{ route('intake.undo', $drop) }}?batch={{ $undone->id }}&again=1"
                        title="{{ $undone->words }}, {{ $undone->at('H:i') }}">Make again</button>
                @endif
                @if ($last !== null)
                    <button type="button" class="btn btn-plain" data-do="undo"
                        data-url="{{ route('intake.undo', $drop) }}?batch={{ $last->id }}"
                        title="{{ $last->words }}, {{ $last->at('H:i') }}">Undo:
                        {{ mb_strimwidth($last->words, 0, 44, '…') }}</button>
                @endif
                @php($sure = $screen->count(Core\Matching\Drop\DropFileStatus::Sure))
                @if ($sure > 0)
                    <button type="button" class="btn btn-primary" data-intake="accept"
                        data-files="{{ $screen->sure() }}" title="Each is in the table, with its reasons">Link all
                        {{ number_format($sure) }} that are sure</button>
                @endif
            @endif
        </div>
    </div>
    <div class="intake-bar">
        <ul class="intake-sums" aria-label="How the files stand">
            @foreach ($screen->sums() as [$words, $status])
                <li class="is-{{ $status }}">{{ $words }}</li>
            @endforeach
        </ul>
        <nav aria-label="Which files, in which groups">
            <a href="{{ $address(['by' => 'need', 'show' => '']) }}"
                @if ($screen->by === 'need' && $screen->show === '') aria-current="true" @endif>By what is wrong</a>
            <a href="{{ $address(['by' => 'product', 'show' => '']) }}"
                @if ($screen->by === 'product' && $screen->show === '') aria-current="true" @endif>By product</a>
            <a href="{{ $address(['show' => 'settled']) }}"
                @if ($screen->show === 'settled') aria-current="true" @endif>Settled</a>
        </nav>
    </div>
    @if ($can && $screen->show === '')
        <div class="intake-tools" role="toolbar" aria-label="For the marked pictures">
            <span data-intake-count role="status">None marked</span>
            <button type="button" class="btn btn-plain" data-intake="accept" data-of="marked" data-needs-files>Link as
                read <kbd>Enter</kbd></button>
            <button type="button" class="btn btn-plain" data-intake="link" data-needs-files>Link to what is pointed at
                <kbd>L</kbd></button>
            <label class="visually-hidden" for="say-view">View of the marked pictures</label>
            <select class="form-select" id="say-view" data-intake-view data-needs-files>
                <option value="">View…</option>
                <option value="as-read">As read</option><x-view-options />
            </select>
            <button type="button" class="btn btn-plain" data-intake="aside" data-needs-files>Put aside
                <kbd>X</kbd></button>
            <span class="spacer"></span>
            @if ($screen->read->better() !== [])
                <button type="button" class="btn btn-plain" data-dialog="{{ route('intake.better', $drop) }}">Replace
                    with better files…</button>
            @endif
            @if ($screen->there() !== '')
                <button type="button" class="btn btn-plain" data-intake="aside"
                    data-files="{{ $screen->there() }}">Put aside what is there already</button>
            @endif
            @if ($screen->count(Core\Matching\Drop\DropFileStatus::Arriving, Core\Matching\Drop\DropFileStatus::Refused) > 0)
                <button type="button" class="btn btn-plain" data-intake="forget"
                    title="Those that have not arrived or cannot be taken are struck from this list">Strike what did not
                    come in</button>
            @endif
        </div>
    @endif
    @if ($can && $screen->show === 'settled' && $screen->count(Core\Matching\Drop\DropFileStatus::Aside) > 0)
        <div class="intake-tools" role="toolbar" aria-label="For the marked pictures">
            <span data-intake-count role="status">None marked</span>
            <button type="button" class="btn btn-plain" data-intake="aside" data-needs-files>Take up again
                <kbd>X</kbd></button>
        </div>
    @endif
    <div class="intake-table" id="intake-table" tabindex="-1">
        @if ($screen->notes !== [])
            <details class="notes">
                <summary>What was done with this drop</summary>
                <ul>
                    @foreach ($screen->notes as $note)
                        <li><span class="quiet">{{ $note->at('j M H:i') }}, {{ $note->who }}:</span>
                            {{ $note->words }}</li>
                    @endforeach
                </ul>
            </details>
        @endif
        @php($groups = $screen->groups())
        @if ($groups === [])
            <p class="empty">
                {{ $screen->show === 'settled' ? 'Nothing of this drop is settled yet.' : 'Everything of this drop is settled.' }}
                <a
                    href="{{ $screen->show === 'settled' ? $address(['show' => '']) : route('intake') }}">{{ $screen->show === 'settled' ? 'Back to what is open' : 'To the intake' }}</a>
            </p>
        @else
            <table>
                <colgroup>
                    <col class="of-mark">
                    <col class="of-thumb">
                    <col class="of-words">
                    <col class="of-where">
                    <col>
                </colgroup>
                <thead class="visually-hidden">
                    <tr>
                        <th scope="col">Marked</th>
                        <th scope="col">Picture</th>
                        <th scope="col">Name, as it is understood</th>
                        <th scope="col">Where it belongs</th>
                        <th scope="col">How sure, and why</th>
                    </tr>
                </thead>
                @foreach ($groups as $heading => $rows)
                    <tbody>
                        <tr class="group">
                            <th colspan="5" scope="rowgroup">
                                @if ($can && $screen->show === '')
                                    <button type="button" class="btn btn-quiet" data-intake-group>Mark</button>
                                @endif{{ $heading }}
                                <span>{{ number_format($screen->countOf($heading)) }}</span>
                            </th>
                        </tr>
                        @foreach ($rows as $row)
                            <tr class="row is-{{ $row->read->status->value }}" data-file="{{ $row->id() }}"
                                data-seen="{{ $row->read->seen() }}"
                                data-open="{{ $row->read->status->isOpen() ? '1' : '' }}"
                                data-settle="{{ route('intake.settle', ['drop' => $drop->id, 'file' => $row->id()]) }}"
                                tabindex="{{ $loop->parent->first && $loop->first ? '0' : '-1' }}"
                                aria-label="{{ $row->file() }}, {{ $row->read->status->label() }}"
                                id="file-{{ $row->id() }}">
                                <td class="mark">
                                    @if ($can && ($row->read->status->isOpen() || $row->read->status === Core\Matching\Drop\DropFileStatus::Aside))
                                        <input type="checkbox" class="form-check-input" tabindex="-1"
                                            data-keep="1" aria-label="Mark {{ $row->file() }}">
                                    @endif
                                </td>
                                <td class="thumb">
                                    @if ($row->picture() !== null)
                                        <img src="{{ $row->picture() }}" alt="" width="52"
                                        height="52" loading="lazy">@else<span></span>
                                    @endif
                                </td>
                                <td class="words"><span class="pieces">{{ $row->markedName() }}</span>
                                    @if ($row->read->file->folder !== '')
                                        <small>in {{ $row->read->file->folder }}</small>
                                    @endif
                                </td>
                                <td class="where">
                                    @if ($row->read->product !== null)
                                    <b>{{ $row->read->product->name }}</b><span>{{ $row->place() }}</span>@else<span
                                            class="quiet">–</span>
                                    @endif
                                </td>
                                <td class="why"><b>{{ $row->read->status->label() }}</b>
                                    <span>{{ implode(' ', $row->reasons()) }}</span>
                                    @foreach ($row->remarks() as $remark)
                                        <small>{{ $remark }}</small>
                                    @endforeach
                                </td>
                            </tr>
                        @endforeach
                    </tbody>
                @endforeach
            </table>
            @if ($screen->pages() > 1)
                <nav class="pages" aria-label="Pages">
                    @if ($screen->pageNumber() > 1)
                        <a class="btn btn-plain" href="{{ $address(['page' => $screen->pageNumber() - 1]) }}"
                            rel="prev">Earlier</a>
                    @endif
                    <span>Page {{ $screen->pageNumber() }} of {{ $screen->pages() }}</span>
                    @if ($screen->pageNumber() < $screen->pages())
                        <a class="btn btn-plain" href="{{ $address(['page' => $screen->pageNumber() + 1]) }}"
                            rel="next">Later</a>
                    @endif
                </nav>
            @endif
        @endif
    </div>
    <aside class="settle" id="settle" data-keep="1" aria-label="The picture in focus">
        <p class="empty">Choose a picture in the table. <kbd>↑</kbd> <kbd>↓</kbd> move, <kbd>Space</kbd> marks,
            <kbd>Enter</kbd> links it as it is read, <kbd>L</kbd> to what is pointed at, <kbd>X</kbd> puts it aside.
        </p>
    </aside>
</div>
