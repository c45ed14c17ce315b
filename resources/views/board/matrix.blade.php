<table class="matrix @if ($board->hasLayers()) has-layers @endif" role="grid" aria-multiselectable="true"
    aria-label="{{ __('board.matrix_of_product', ['product' => $product->name]) }}">
    <thead>
        <tr>
            <th class="corner" scope="col" data-part="{{ $board->layerToken() === '' ? '*' : $board->layerToken() }}"
                data-head="corner" data-words="{{ $board->cornerInWords() }}" data-row="-1" data-column="-1"
                tabindex="-1" @if ($board->hasLayers()) colspan="2" @endif>
                {{ $board->cornerLabel() }}@if ($board->lens->isStock())
                    <small
                        data-units>{{ $board->unitsIn($board->layerToken() === '' ? '' : $board->layerToken()) }}</small>
                @endif
            </th>
            @foreach ($board->columns as $column)
                <th scope="col" data-part="{{ $column->key }}" data-head="column" data-words="{{ $column->words }}"
                    data-row="-1" data-column="{{ $loop->index }}" tabindex="-1">
                    @if ($column->isColor)
                        <x-swatch-chip :swatch="$column->swatch" />
                    @endif
                    <x-long-name :name="$column->label" :is-one-line="false" />
                    @if ($column->units !== '')
                    <small data-units>{{ $column->units }}</small>@else<small>{{ $column->note }}</small>
                    @endif
                </th>
            @endforeach
        </tr>
    </thead>
    <tbody>
        @foreach ($board->rows as $row)
            <tr data-print="{{ $row->print() }}{{ $loop->index }}">
                @if ($row->group !== null)
                    <th class="group" scope="rowgroup" rowspan="{{ $board->rowsOfGroup() }}"
                        data-part="{{ $row->group->key }}" data-head="group" data-words="{{ $row->group->words }}"
                        data-row="{{ $loop->index }}" data-column="-2" tabindex="-1"><span class="row-head">
                            @if ($row->group->isColor)
                                <x-swatch-chip class="swatch-tall" :swatch="$row->group->swatch" />
                            @endif
                            <span>
                                <x-long-name :name="$row->group->label" :is-one-line="false" />
                                @if ($row->group->units !== '')
                                    <small data-units>{{ $row->group->units }}</small>
                                @endif
                            </span>
                        </span></th>
                @endif
                <th class="@if ($board->hasLayers()) inner @endif" scope="row"
                    data-part="{{ $row->head->key }}" data-head="row" data-words="{{ $row->head->words }}"
                    data-row="{{ $loop->index }}" data-column="-1" tabindex="-1">
                    <span class="row-head">
                        @if ($row->head->isColor)
                            <x-swatch-chip class="swatch-tall" :swatch="$row->head->swatch" />
                        @endif
                        <span><x-long-name :name="$row->head->label" :is-one-line="false" />
                            @if ($row->head->units !== '')
                                <small data-units>{{ $row->head->units }}</small>
                            @elseif ($row->head->note !== '')
                                <small>{{ $row->head->note }}</small>
                            @endif
                            @if ($row->head->views !== [] && $row->head->units === '')
                                <span class="dots" role="img" aria-label="{{ $row->head->viewsInWords() }}">
                                    @foreach ($row->head->views as $cell)
                                        @if ($cell->shot->need->isWanted())
                                            <i class="{{ $cell->cover->value }} {{ $cell->shot->need->value }}"
                                                title="{{ $cell->shot->view->name }}, {{ $cell->shot->need->value }}: {{ $cell->inWords() }}"></i>
                                        @endif
                                    @endforeach
                                </span>
                            @endif
                        </span>
                    </span>
                </th>
                @foreach ($row->cells as $cell)
                    <td role="gridcell" data-cell="{{ $cell->key }}"
                        @if ($cell->state === 'made') data-made @endif data-row="{{ $loop->parent->index }}"
                        data-column="{{ $loop->index }}"
                        tabindex="{{ $loop->parent->first && $loop->first ? '0' : '-1' }}" aria-selected="false"
                        aria-label="{{ $cell->label() }}" class="{{ $cell->classes($board->lens) }}">
                        {{ $cell }}</td>
                @endforeach
            </tr>
        @endforeach
    </tbody>
</table>
@if ($loaded->core->matrix->axes === [])
    <p class="empty">
        {{ __($loaded->core->made === [] ? 'board.no_sku_yet_choose_axes' : 'board.single_sku_choose_axes') }}</p>
@endif
