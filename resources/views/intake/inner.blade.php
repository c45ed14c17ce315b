<div class="intake" data-drop data-url="{{ route('intake.drop', $screen->table->drop) }}" data-by="{{ $screen->by }}"
    data-shown="{{ $screen->show }}" data-page="{{ $screen->pageNumber() }}"
    data-moving="{{ $screen->isMoving() ? '1' : '' }}" data-pulse="{{ $screen->table->pulse }}"
    data-can-edit="{{ $canEdit ? '1' : '0' }}">
    <div class="intake-head">
        <div>
            <p class="quiet"><a href="{{ route('intake') }}">{{ __('intake.intake') }}</a></p>
            <h1>{{ $screen->table->drop->name }}</h1>
            <p> @sayChoice('intake.files_of_user', $screen->fileCount(), $screen->origin()) · @if ($screen->isSafe())
                <b>{{ __('intake.all_are_safe') }}</b>@else<span
                        class="warns">{{ __('intake.arriving_have_not_arrived_drop_the', ['arriving' => $screen->arriving()]) }}</span>
                @endif
            </p>
        </div>
        <div class="intake-deeds">
            @if ($screen->shootCount() > 1)
                <a class="btn btn-plain"
                    href="{{ route('shoot', $screen->table->drop) }}">{{ trans_choice('shoot.open', $screen->shootCount(), ['count' => $screen->shootCount()]) }}</a>
            @endif
            @if ($canEdit)
                @if ($screen->lastUndone() !== null)
                    <button type="button" class="btn btn-plain" data-do="redo"
                        data-url="{{ route('intake.undo', $screen->table->drop) }}?batch={{ $screen->lastUndone()->id }}&again=1"
                        title="{{ $screen->lastUndone()->words }}, {{ $screen->lastUndone()->at('H:i') }}">{{ __('intake.make_again') }}</button>
                @endif
                @if ($screen->lastAct() !== null)
                    <button type="button" class="btn btn-plain" data-do="undo"
                        data-url="{{ route('intake.undo', $screen->table->drop) }}?batch={{ $screen->lastAct()->id }}"
                        title="{{ $screen->lastAct()->words }}, {{ $screen->lastAct()->at('H:i') }}">{{ __('intake.undo_last', ['last' => $screen->lastWords()]) }}</button>
                @endif
                @if ($screen->sureCount() > 0)
                    <button type="button" class="btn btn-primary" data-intake="accept"
                        data-files="{{ $screen->sure() }}"
                        title="{{ __('intake.each_is_in_the_table_with') }}">{{ __('intake.link_all_sure_that_are_sure', ['sure' => $screen->sureCount()]) }}</button>
                @endif
            @endif
        </div>
    </div>
    <div class="intake-bar">
        <ul class="intake-sums" aria-label="{{ __('intake.how_the_files_stand') }}">
            @foreach ($screen->sums() as $status => $words)
                <li class="is-{{ $status }}">{{ $words }}</li>
            @endforeach
        </ul>
        <nav aria-label="{{ __('intake.which_files_in_which_groups') }}">
            <a href="{{ $screen->address(['by' => 'need', 'show' => '']) }}"
                @if ($screen->by === 'need' && $screen->show === '') aria-current="true" @endif>{{ __('intake.by_what_is_wrong') }}</a>
            <a href="{{ $screen->address(['by' => 'product', 'show' => '']) }}"
                @if ($screen->by === 'product' && $screen->show === '') aria-current="true" @endif>{{ __('intake.by_product') }}</a>
            <a href="{{ $screen->address(['show' => 'settled']) }}"
                @if ($screen->show === 'settled') aria-current="true" @endif>{{ __('intake.settled') }}</a>
        </nav>
    </div>
    @if ($canEdit && $screen->show === '')
        <div class="intake-tools" role="toolbar" aria-label="{{ __('intake.for_the_marked_pictures') }}">
            <span data-intake-count role="status">{{ __('intake.none_marked') }}</span>
            <button type="button" class="btn btn-plain" data-intake="accept" data-of="marked"
                data-needs-files>@say('intake.link_as_read_enter')</button>
            <button type="button" class="btn btn-plain" data-intake="link" data-needs-files>@say('intake.link_to_what_is_pointed_at')</button>
            <label class="visually-hidden" for="say-view">{{ __('intake.view_of_the_marked_pictures') }}</label>
            <select class="form-select" id="say-view" data-intake-view data-needs-files>
                <option value="">{{ __('intake.view') }}</option>
                <option value="as-read">{{ __('intake.as_read') }}</option><x-view-options />
            </select>
            <button type="button" class="btn btn-plain" data-intake="aside" data-needs-files>@say('intake.put_aside_x')</button>
            <span class="spacer"></span>
            @if ($screen->hasBetter())
                <button type="button" class="btn btn-plain"
                    data-dialog="{{ route('intake.better', $screen->table->drop) }}">{{ __('intake.replace_with_better_files') }}</button>
            @endif
            @if ($screen->there() !== '')
                <button type="button" class="btn btn-plain" data-intake="aside"
                    data-files="{{ $screen->there() }}">{{ __('intake.put_aside_what_is_there_already') }}</button>
            @endif
            @if ($screen->lacksFiles())
                <button type="button" class="btn btn-plain" data-intake="forget"
                    title="{{ __('intake.those_that_have_not_arrived_or') }}">{{ __('intake.strike_what_did_not_come_in') }}</button>
            @endif
        </div>
    @endif
    @if ($canEdit && $screen->show === 'settled' && $screen->hasAside())
        <div class="intake-tools" role="toolbar" aria-label="{{ __('intake.for_the_marked_pictures') }}">
            <span data-intake-count role="status">{{ __('intake.none_marked') }}</span>
            <button type="button" class="btn btn-plain" data-intake="aside" data-needs-files>@say('intake.take_up_again_x')</button>
        </div>
    @endif
    <div class="intake-table" id="intake-table" tabindex="-1">
        @if ($screen->notes !== [])
            <details class="notes">
                <summary>{{ __('intake.what_was_done_with_this_drop') }}</summary>
                <ul>
                    @foreach ($screen->notes as $note)
                        <li><span class="quiet">{{ $note->at('j M H:i') }}, {{ $note->who }}:</span>
                            {{ $note->words }}</li>
                    @endforeach
                </ul>
            </details>
        @endif
        @if ($screen->groups() === [])
            <p class="empty">
                {{ $screen->show === 'settled' ? __('intake.nothing_of_this_drop_is_settled') : __('intake.everything_of_this_drop_is_settled') }}
                <a
                    href="{{ $screen->show === 'settled' ? $screen->address(['show' => '']) : route('intake') }}">{{ $screen->show === 'settled' ? __('intake.back_to_what_is_open') : __('intake.to_the_intake') }}</a>
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
                        <th scope="col">{{ __('intake.marked') }}</th>
                        <th scope="col">{{ __('intake.picture') }}</th>
                        <th scope="col">{{ __('intake.name_as_it_is_understood') }}</th>
                        <th scope="col">{{ __('intake.where_it_belongs') }}</th>
                        <th scope="col">{{ __('intake.how_sure_and_why') }}</th>
                    </tr>
                </thead>
                @foreach ($screen->groups() as $heading => $rows)
                    <tbody>
                        <tr class="group">
                            <th colspan="5" scope="rowgroup">
                                @if ($canEdit && $screen->show === '')
                                    <button type="button" class="btn btn-quiet"
                                        data-intake-group>{{ __('intake.mark') }}</button>
                                @endif{{ $heading }}
                                <span>@number($screen->countOf($heading))</span>
                            </th>
                        </tr>
                        @foreach ($rows as $row)
                            <tr class="row is-{{ $row->read->status->value }}" data-file="{{ $row->id() }}"
                                data-seen="{{ $row->read->seen() }}"
                                data-open="{{ $row->read->status->isOpen() ? '1' : '' }}"
                                data-doubt="{{ $row->read->status->needsPerson() ? '1' : '' }}"
                                data-settle="{{ route('intake.settle', ['drop' => $screen->table->drop->id, 'file' => $row->id(), 'seen' => $row->read->seen()]) }}"
                                tabindex="{{ $loop->parent->first && $loop->first ? '0' : '-1' }}"
                                aria-label="{{ $row->file() }}, {{ $row->read->status->label() }}"
                                id="file-{{ $row->id() }}">
                                <td class="mark">
                                    @if ($canEdit && $row->canBeMarked())
                                        <input type="checkbox" class="form-check-input" tabindex="-1"
                                            data-keep="1"
                                            aria-label="{{ __('intake.mark_file', ['file' => $row->file()]) }}">
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
                                        <small>{{ __('intake.in_folder', ['folder' => $row->read->file->folder]) }}</small>
                                    @endif
                                </td>
                                <td class="where">
                                    @if ($row->read->product !== null)
                                    <b>{{ $row->read->product->name }}</b><span>{{ $row->place() }}</span>@else<span
                                            class="quiet">–</span>
                                    @endif
                                </td>
                                <td class="why"><b>{{ $row->read->status->label() }}</b>
                                    <span>{{ $row->reasonsInWords() }}</span>
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
                <nav class="pages" aria-label="{{ __('intake.pages') }}">
                    @if ($screen->pageNumber() > 1)
                        <a class="btn btn-plain" href="{{ $screen->address(['page' => $screen->earlierPage()]) }}"
                            rel="prev">{{ __('intake.earlier') }}</a>
                    @endif
                    <span>{{ __('intake.page_page_number_of_pages', ['page_number' => $screen->pageNumber(), 'pages' => $screen->pages()]) }}</span>
                    @if ($screen->pageNumber() < $screen->pages())
                        <a class="btn btn-plain" href="{{ $screen->address(['page' => $screen->laterPage()]) }}"
                            rel="next">{{ __('intake.later') }}</a>
                    @endif
                </nav>
            @endif
        @endif
    </div>
    <aside class="settle" id="settle" data-keep="1" aria-label="{{ __('intake.the_picture_in_focus') }}">
        <p class="empty">@say('intake.choose_a_picture_in_the_table')
        </p>
    </aside>
</div>
