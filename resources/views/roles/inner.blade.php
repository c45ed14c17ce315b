@php($canEdit = auth()->user()->can('edit'))
<div data-page="roles" data-version="{{ $product->version }}" data-url="{{ route('roles', $product) }}">
    <div class="contact-head">
        <p class="coverage-sum" role="status">{{ $screen->summary() }}</p>
        @if ($canEdit && $screen->sheet->strips !== [])
            <button type="button" class="btn btn-plain" data-dialog="{{ route('roles.plan', $product) }}"
                data-verb="POST">Roles by rule…</button>
        @endif
    </div>
    @if ($screen->sheet->strips !== [])
        <div class="coverage-scroll">
            <table class="coverage-map role-table">
                <thead>
                    <tr>
                        <th scope="col"></th>
                        @foreach (Core\Gallery\Roles\Role::cases() as $role)
                            <th scope="col">{{ $role->label() }}<small>{{ $role->meaning() }}</small></th>
                        @endforeach
                    </tr>
                </thead>
                <tbody>
                    @foreach ($screen->sheet->strips as $strip)
                        @php([$isColor, $swatch] = $screen->names->swatch($strip->part))
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
                                        aria-label="{{ $screen->names->label($strip->part) }}, {{ $cell->role->label() }}: {{ $cell->placement?->file ?? 'none' }}, {{ $cell->inWords() }} {{ $cell->brief }}"
                                        @if ($canEdit) data-dialog="{{ route('roles.choose', $product) }}" data-verb="POST" data-with="{{ json_encode(['selected' => $screen->names->selected($strip->part), 'role' => $cell->role->value]) }}" @else disabled @endif>
                                        @if ($cell->placement === null && $cell->role === Core\Gallery\Roles\Role::Swatch && $isColor)
                                            <span class="no-picture"><x-swatch :swatch="$swatch" /></span>
                                        @elseif ($cell->thumb !== null)
                                        <img src="{{ $cell->thumb }}" alt="" loading="lazy">@else<span
                                                class="no-picture">{{ $cell->placement === null ? '–' : 'being read…' }}</span>
                                        @endif
                                        <span class="role-words"><span><b>{{ $cell->placement === null ? '' : $cell->placement->view?->label() ?? 'no view' }}</b>
                                                <i>{{ $cell->placement === null && $cell->role === Core\Gallery\Roles\Role::Swatch && $isColor ? ($swatch === null ? 'no swatch' : 'its own') : $cell->inWords() }}</i></span><span
                                                class="role-why">{{ $cell->brief }}@if ($cell->others > 0)
                                                    <span
                                                        title="{{ $cell->others }} more for some of these SKUs">+{{ $cell->others }}</span>
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
        <p class="quiet">Assigned: somebody gave it the role, for these SKUs. Stepped in: nobody did, and this picture
            does it. Point at one, or press it, for the whole reason.</p>
    @endif
</div>
