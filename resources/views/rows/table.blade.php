<div class="rows-scroll">
    <table class="rows-grid" role="grid" aria-label="{{ __('rows.grid') }}" aria-multiselectable="true"
        data-rows="{{ $type }}" data-can-edit="{{ (int) $canEdit }}"
        @isset($plan) data-rows-plan="{{ $plan }}" @endisset>
        <thead>
            <tr>
                <th scope="col" class="number">{{ __('rows.number') }}</th>
                @if ($table->isOfSeveral)
                    <th scope="col" class="rows-name">{{ __('rows.product') }}</th>
                @endif
                @foreach ($table->columns as $column)
                    <th scope="col" @class([
                        'number' => $column->isFigure(),
                        'is-asleep' => $column->isAsleep(),
                    ])
                        @if ($column->isAsleep()) title="{{ __('rows.makes_none') }}" @endif>
                        {{ $column->label() }}
                        @if ($column->isAsleep())
                            <span class="visually-hidden">{{ __('rows.makes_none') }}</span>
                        @endif
                    </th>
                @endforeach
            </tr>
        </thead>
        <tbody>
            @foreach ($table->rows as $at => $row)
                <tr data-sku="{{ $row->skuId }}" data-product="{{ $row->productId }}" @class([
                    'begins' => $row->isFirst,
                    'is-retired' => $row->state === 'retired',
                ])>
                    <th scope="row" class="number">{{ $row->number }}</th>
                    @if ($table->isOfSeveral)
                        <th scope="row" class="rows-name">
                            @if ($row->isFirst)
                                <a href="{{ route('rows', $row->code) }}"><b>{{ $row->code }}</b></a>
                            @else
                                <b>{{ $row->code }}</b>
                            @endif
                            {{ $row->combination }}
                        </th>
                    @endif
                    @foreach ($table->columns as $place => $column)
                        <td role="gridcell" tabindex="{{ $at === 0 && $place === 0 ? 0 : -1 }}"
                            data-row="{{ $at }}" data-column="{{ $place }}"
                            data-header="{{ $column->header() }}"
                            @if ($column->isAxis()) data-axis="1" @endif
                            aria-readonly="{{ $column->isTyped() ? 'false' : 'true' }}" @class([
                                'number' => $column->isFigure(),
                                'code' => $column->header() === 'sku',
                                'is-asleep' => $column->isAsleep(),
                            ])>
                            {{ $row->cells[$place] }}</td>
                    @endforeach
                </tr>
            @endforeach
        </tbody>
    </table>
</div>
