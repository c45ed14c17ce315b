@php($canEdit = auth()->user()->can('edit'))
@php($prices = $loaded->core->prices)
<div class="prices" data-page="prices" data-version="{{ $product->version }}" data-url="{{ route('prices', $product) }}">
    <p class="prices-sum" role="status">{{ $screen->summary() }}@if ($screen->margins() !== '')
            · margin {{ $screen->margins() }}
        @endif
    </p>
    @if ($screen->doubts() !== [])
        <ul class="findings">
            @foreach ($screen->doubts() as $doubt)
                <li class="finding warns">{{ $doubt }}</li>
            @endforeach
        </ul>
    @endif
    @if ($screen->needless() !== '')
        <ul class="findings">
            <li class="finding advises">{{ $screen->needless() }}: nothing that the product or a value is given
                later reaches them.
                @can('edit')
                    <button type="button" class="btn btn-plain" data-post="{{ route('prices.needless', $product) }}">Let
                        go of what is needless</button>
                @endcan
            </li>
        </ul>
    @endif
    <section aria-labelledby="ladder-title">
        <h2 id="ladder-title">Price ladder</h2>
        @if ($screen->ladder->spots === [])
            <p class="empty">No SKU on offer has a price yet. Type the base price below; every SKU has it at once.</p>
        @else
            <div class="ladder-scroll"><svg class="ladder"
                    viewBox="0 0 {{ $screen->ladder::WIDTH }} {{ $screen->ladder->height() + 26 }}" role="group"
                    aria-label="Prices of {{ count($screen->ladder->spots) }} SKUs in {{ count($screen->ladder->ladder->steps) }} steps">
                    @foreach ($screen->ladder->ladder->steps as $at => $step)
                        <path class="rung"
                            d="M{{ $screen->ladder::LEFT - 8 }} {{ $screen->ladder->y($at) }}H{{ $screen->ladder::WIDTH }}" />
                        @if ($screen->ladder->isNamed($at))
                            <text class="rung-price" x="{{ $screen->ladder::LEFT - 14 }}"
                                y="{{ $screen->ladder->y($at) + 4 }}">{{ $step->shown() }}</text>
                        @endif
                    @endforeach
                    @foreach ($screen->ladder->groups as $group)
                        <path class="group"
                            d="M{{ $group->from }} {{ $screen->ladder->height() }}H{{ max($group->from + 1, $group->to - 2) }}" />
                        @if ($group->to - $group->from > 22)
                            <text class="group-name" x="{{ ($group->from + $group->to) / 2 }}"
                                y="{{ $screen->ladder->height() + 15 }}">{{ Illuminate\Support\Str::limit($group->label, max(2, (int) (($group->to - $group->from) / 7)), '…') }}</text>
                        @endif
                    @endforeach
                    @foreach ($screen->ladder->spots as $spot)
                        <a href="{{ route('board', ['product' => $product, 'lens' => 'prices', 'selected' => $spot->selected]) }}"
                            tabindex="-1">
                            <rect @class([
                                'spot',
                                'is-own' => $spot->price->isOwn,
                                'is-odd' => $spot->isOdd,
                            ]) x="{{ $spot->x + 1 }}"
                                y="{{ $spot->y - ($spot->isOdd ? 5 : 3) }}" width="{{ max(1.2, $spot->width - 2) }}"
                                height="{{ $spot->isOdd ? 10 : 6 }}" rx="1.5" />
                            <title>{{ $spot->inWords() }}</title>
                        </a>
                    @endforeach
                </svg></div>
            <p class="quiet">A mark to each SKU, along
                {{ $loaded->core->matrix->axes === [] ? 'the product' : implode(', then ', array_map(fn($axis) => $axis->name, $loaded->core->matrix->axes)) }};
                outlined where the price is the SKU’s own.@if ($screen->ladder->odd() === [])
                    None stands out.
                @endif
            </p>
            @if ($screen->ladder->odd() !== [])
                <ul class="findings">
                    @foreach (array_slice($screen->ladder->odd(), 0, 20) as $spot)
                        <li class="finding advises"><b>{{ $spot->price->price->shown() }}</b> {{ $spot->place }}
                            stands out: its values make another price elsewhere. <a
                                href="{{ route('board', ['product' => $product, 'lens' => 'prices', 'selected' => $spot->selected]) }}">Show
                                on the board</a></li>
                    @endforeach
                </ul>
            @endif
        @endif
    </section>
    <section aria-labelledby="base-title">
        <h2 id="base-title">Whole product</h2>
        <div class="detail-row">
            <form class="detail" data-act="{{ route('prices.base', $product) }}" data-at-once>
                <div class="detail-fields">
                    <div class="field"><label for="price-base">Base price, {{ $product->currency }}</label><input
                            class="form-control" id="price-base" name="typed"
                            value="{{ $prices->base === null ? '' : Core\Text\NumberReader::again($prices->base->amount) }}"
                            autocomplete="off" inputmode="decimal" @readonly(!$canEdit)>
                        <p class="hint">Of every SKU that has none of its own.</p>
                    </div>
                </div>
            </form>
            <x-detail-form :product="$product" :loaded="$loaded" :kind="Core\Details\DetailKind::Ending" />
            <x-detail-form :product="$product" :loaded="$loaded" :kind="Core\Details\DetailKind::ListPrice" />
            <x-detail-form :product="$product" :loaded="$loaded" :kind="Core\Details\DetailKind::Cost" />
        </div>
        <x-detail-form :product="$product" :loaded="$loaded" :kind="Core\Details\DetailKind::Sale" />
    </section>
    <div class="prices-parts">
        <section aria-labelledby="adjust-title">
            <h2 id="adjust-title">What values add</h2>
            @if ($loaded->core->matrix->axes === [] && $prices->standingLabels() === [])
                <p class="quiet">This product is a single SKU.</p>
            @else
                <p class="quiet">Amounts first, then percentages, in the order of the axes; rounded, then ended. −5
                    takes away.</p>
                <table class="plain adjust-table">
                    <thead>
                        <tr>
                            <th scope="col">Value</th>
                            <th scope="col">Amount, {{ $product->currency }}</th>
                            <th scope="col">Percent</th>
                            <th scope="col" class="number">Its SKUs</th>
                        </tr>
                    </thead>
                    @if ($prices->standingLabels() !== [])
                        <tbody>
                            <tr>
                                <th scope="rowgroup" colspan="4" class="axis">Of axes that the product had; it goes
                                    on counting</th>
                            </tr>
                            @foreach ($prices->standingLabels() as $valueId => $label)
                                <x-value-adds :product="$product" :id="$valueId" :label="$label"
                                    :adds="$prices->adjustments[$valueId]" range="all" :can-edit="$canEdit" />
                            @endforeach
                        </tbody>
                    @endif
                    @foreach ($loaded->core->matrix->axes as $axis)
                        <tbody>
                            <tr>
                                <th scope="rowgroup" colspan="4" class="axis">{{ $axis->name }}</th>
                            </tr>
                            @foreach ($axis->values as $value)
                                <x-value-adds :product="$product" :id="$value->id" :label="$value->label"
                                    :adds="$prices->adjustments[$value->id] ?? null" :range="$screen->range($value->id)" :can-edit="$canEdit" />
                            @endforeach
                        </tbody>
                    @endforeach
                </table>
            @endif
        </section>
        <section aria-labelledby="breaks-title">
            <h2 id="breaks-title">Quantity breaks</h2>
            <form data-act="{{ route('details.set', $product) }}">
                <input type="hidden" name="detail" value="breaks">
                <table class="plain breaks-table">
                    <thead>
                        <tr>
                            <th scope="col">From, units</th>
                            <th scope="col">Less</th>
                            <th scope="col">Taken from</th>
                        </tr>
                    </thead>
                    <tbody>
                        @foreach ([...$prices->breaks()->breaks, ...$canEdit ? [null, null] : []] as $at => $break)
                            <tr>
                                <td><input class="form-control" name="fields[{{ $at * 3 }}]"
                                        aria-label="From, row {{ $at + 1 }}" value="{{ $break?->from }}"
                                        inputmode="numeric" autocomplete="off" @readonly(!$canEdit)></td>
                                <td><input class="form-control" name="fields[{{ $at * 3 + 1 }}]"
                                        aria-label="Less, row {{ $at + 1 }}" value="{{ $break?->offAgain() }}"
                                        placeholder="5 % or 2.00" autocomplete="off" @readonly(!$canEdit)></td>
                                <td><select class="form-select" name="fields[{{ $at * 3 + 2 }}]"
                                        aria-label="Taken from, row {{ $at + 1 }}" @disabled(!$canEdit)>
                                        @foreach (Core\Pricing\BreakScope::cases() as $scope)
                                            <option value="{{ $scope->value }}" @selected($break?->scope === $scope)>
                                                {{ $scope->inWords() }}</option>
                                        @endforeach
                                    </select>
                                </td>
                            </tr>
                        @endforeach
                    </tbody>
                </table>
                @if ($canEdit)
                    <button class="btn btn-plain">Keep the breaks</button> <span class="quiet">A row that is emptied
                        goes.</span>
                @endif
            </form>
            @if ($screen->parts() !== [])
                <h2>Said otherwise of parts</h2>
                <table class="plain">
                    <tbody>
                        @foreach ($screen->parts() as [$label, $where, $words])
                            <tr>
                                <th scope="row">{{ $label }}</th>
                                <td>{{ $where }}</td>
                                <td>{{ $words }}</td>
                            </tr>
                        @endforeach
                    </tbody>
                </table>
                <p class="quiet">Select the part on the board, in the Prices lens, to change it.</p>
            @endif
        </section>
    </div>
</div>
