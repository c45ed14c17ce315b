<div class="small-matrix-scroll">
    <table class="small-matrix" aria-label="{{ $matrix->loaded->product->name }}: point at where it belongs">
        <thead>
            <tr>
                <th scope="col"><button type="button" data-point="*" aria-pressed="false" title="The whole product">Whole
                        product</button></th>
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
                            @if (!$row->isOffered) title="No SKU of it is on offer" @endif>
                            @if ($row->lead !== null)
                                <img src="{{ $row->lead }}" alt="" width="22" height="22"
                                    loading="lazy">
                                @endif @foreach ($row->swatches as $swatch)
                                    <x-swatch :swatch="$swatch" />
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
                                    title="Not on offer">–</span>
                            @endif
                        </td>
                    @endforeach
                </tr>
            @endforeach
        </tbody>
    </table>
</div>
@if ($matrix->more() > 0)
    <p class="remark">{{ number_format($matrix->more()) }} more are not shown here. Take the picture in on the board of
        this product to link it there.</p>
@endif
<div class="settle-link">
    <label class="visually-hidden" for="settle-view">View</label>
    <select class="form-select" id="settle-view">
        <option value="">
            {{ $screen->file->verdict?->view === null ? 'No view' : $screen->file->verdict->view->label() . ', as read' }}
        </option><x-view-options />
    </select>
    <button type="button" class="btn btn-primary" data-intake="link" data-of="focus" disabled>Link here
        <kbd>L</kbd></button>
</div>
