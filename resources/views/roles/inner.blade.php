<div data-page="roles" data-version="{{ $product->version }}" data-url="{{ route('roles', $product) }}">
    <div class="contact-head">
        <p class="coverage-sum" role="status">{{ $screen->summary() }}</p>
        @if ($canEdit && $screen->sheet->strips !== [])
            <button type="button" class="btn btn-plain" data-dialog="{{ route('roles.plan', $product) }}"
                data-verb="POST">{{ __('roles.roles_by_rule') }}</button>
        @endif
    </div>
    @if ($screen->sheet->strips !== [])
        <div class="coverage-scroll">
            <table class="coverage-map role-table">
                <thead>
                    <tr>
                        <th scope="col"></th>
                        @foreach ($roles as $role)
                            <th scope="col">{{ $role->label() }}<small>{{ $role->meaning() }}</small></th>
                        @endforeach
                    </tr>
                </thead>
                <tbody>
                    @foreach ($screen->sheet->strips as $strip)
                        <tr>
                            <th scope="row"><x-part-link :product="$product" :names="$screen->names" :part="$strip->part" />
                            </th>
                            @foreach ($screen->cells($strip) as $cell)
                                <td @class([
                                    'is-assigned' => $cell->isAssigned,
                                    'is-clash' => $cell->isClash,
                                    'is-empty' => $cell->placement === null,
                                ])>
                                    <button type="button" class="role-cell" title="{{ $cell->reason }}"
                                        aria-label="{{ $screen->names->label($strip->part) }}, {{ $cell->role->label() }}: {{ $cell->placement?->file ?? __('roles.none') }}, {{ $cell->inWords() }} {{ $cell->brief }}"
                                        @if ($canEdit) data-dialog="{{ route('roles.choose', $product) }}" data-verb="POST" data-with="{{ json_encode(['selected' => $screen->names->selected($strip->part), 'role' => $cell->role->value]) }}" @else disabled @endif>
                                        @if ($screen->isColor($cell))
                                            <span class="no-picture"><x-swatch-chip :swatch="$screen->swatch($strip)" /></span>
                                        @elseif ($cell->thumb !== null)
                                        <img src="{{ $cell->thumb }}" alt="" loading="lazy">@else<span
                                                class="no-picture">{{ $cell->placement === null ? '–' : __('roles.being_read') }}</span>
                                        @endif
                                        <span class="role-words"><span><b>{{ $cell->placement === null ? '' : $cell->placement->view?->label() ?? __('roles.no_view') }}</b>
                                                <i>{{ $screen->inWords($strip, $cell) }}</i></span><span
                                                class="role-why">{{ $cell->brief }}@if ($cell->others > 0)
                                                    <span
                                                        title="{{ __('roles.others_more_for_some_of_these', ['others' => $cell->others]) }}">+{{ $cell->others }}</span>
                                                @endif
                                            </span></span>
                                    </button>
                                </td>
                            @endforeach
                        </tr>
                    @endforeach
                </tbody>
            </table>
        </div>
        <p class="quiet">{{ __('roles.assigned_somebody_gave_it_the_role') }}</p>
    @endif
</div>
