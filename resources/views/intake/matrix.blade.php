<div class="small-matrix-scroll">
    <table class="small-matrix"
        aria-label="{{ __('intake.matrix_point_at_where_it_belongs', ['matrix' => $matrix->loaded->product->name]) }}">
        <thead>
            <tr>
                <th scope="col"><button type="button" data-point="*" aria-pressed="false"
                        title="{{ __('intake.the_whole_product') }}">{{ __('intake.whole_product') }}</button></th>
                @foreach ($matrix->columns as $column)
                    <th scope="col"><button type="button" data-point="{{ $column->key }}"
                            aria-pressed="false">{{ $matrix->label($column) }}</button></th>
                @endforeach
            </tr>
        </thead>
        <tbody>
            @foreach ($matrix->rows as $row)
                <tr>
                    <th scope="row"><button type="button" data-point="{{ $row->part->key }}" aria-pressed="false"
                            @if (!$row->isOffered) title="{{ __('intake.no_sku_of_it_is_on') }}" @endif>
                            @if ($row->lead !== null)
                                <img src="{{ $row->lead }}" alt="" width="22" height="22"
                                    loading="lazy">
                                @endif @foreach ($row->swatches as $swatch)
                                    <x-swatch-chip :swatch="$swatch" />
                                @endforeach
                                <span>
                                    {{ $row->label }}</span><small>{{ $row->pictures }}</small>
                        </button></th>
                    @foreach ($matrix->columns as $column)
                        <td>
                            @if ($matrix->isMade($row, $column))
                                <button type="button" data-point="{{ $matrix->cell($row, $column)->key }}"
                                    aria-pressed="false"
                                aria-label="{{ $row->label }}, {{ $matrix->label($column) }}"></button>@else<span
                                    title="{{ __('intake.not_on_offer') }}">–</span>
                            @endif
                        </td>
                    @endforeach
                </tr>
            @endforeach
        </tbody>
    </table>
</div>
@if ($matrix->more() > 0)
    <p class="remark">{{ __('intake.more_more_are_not_shown_here', ['more' => $matrix->more()]) }}</p>
@endif
<div class="settle-link">
    <label class="visually-hidden" for="settle-view">{{ __('intake.view_2') }}</label>
    <select class="form-select" id="settle-view">
        <option value="">
            {{ $screen->file->verdict?->view === null ? __('intake.no_view') : __('intake.view_as_read', ['view' => $screen->file->verdict->view->label()]) }}
        </option><x-view-options />
    </select>
    <button type="button" class="btn btn-primary" data-intake="link" data-of="focus"
        disabled>@say('intake.link_here_l')</button>
    @if ($screen->alikeCount() > 0)
        <button type="button" class="btn btn-plain" data-intake="link" data-files="{{ $screen->withAlike() }}"
            disabled>{{ trans_choice('intake.and_more_with', $screen->alikeCount(), ['count' => $screen->alikeCount(), 'what' => $screen->alikeBy()]) }}</button>
    @endif
</div>
