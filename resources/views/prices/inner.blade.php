<div class="prices" data-page="prices" data-version="{{ $product->version }}" data-url="{{ route('prices', $product) }}">
    <p class="prices-sum" role="status">{{ $screen->summary() }}@if ($screen->margins() !== '')
            {{ __('prices.margin_margins', ['margins' => $screen->margins()]) }}
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
            <li class="finding advises">
                {{ __('prices.needless_nothing_that_the_product_or', ['needless' => $screen->needless()]) }}
                @can('edit')
                    <button type="button" class="btn btn-plain"
                        data-post="{{ route('prices.needless', $product) }}">{{ __('prices.let_go_of_what_is_needless') }}</button>
                @endcan
            </li>
        </ul>
    @endif
    <section aria-labelledby="ladder-title">
        <h2 id="ladder-title">{{ __('prices.price_ladder') }}</h2>
        @if ($screen->ladder->spots === [])
            <p class="empty">{{ __('prices.no_sku_on_offer_has_a') }}</p>
        @else
            <div class="ladder-scroll"><svg class="ladder" viewBox="{{ $screen->ladder->viewBox() }}" role="group"
                    aria-label="{{ __('prices.prices_of_spots_skus_in_steps', ['spots' => count($screen->ladder->spots), 'steps' => count($screen->ladder->ladder->steps)]) }}">
                    @foreach ($screen->ladder->rungs() as $rung)
                        <path class="rung" d="{{ $rung->path }}" />
                        @if ($rung->isNamed)
                            <text class="rung-price" x="{{ $rung->nameX }}" y="{{ $rung->y }}"
                                dy="4">{{ $rung->price }}</text>
                        @endif
                    @endforeach
                    <g transform="translate(0 {{ $screen->ladder->height() }})">
                        @foreach ($screen->ladder->groups as $group)
                            <path class="group" d="{{ $group->path() }}" />
                            @if ($group->hasName())
                                <text class="group-name" x="{{ $group->middle() }}"
                                    y="15">{{ $group->shortLabel() }}</text>
                            @endif
                        @endforeach
                    </g>
                    @foreach ($screen->ladder->spots as $spot)
                        <a href="{{ route('board', ['product' => $product, 'lens' => 'prices', 'selected' => $spot->selected]) }}"
                            tabindex="-1">
                            <rect @class([
                                'spot',
                                'is-own' => $spot->price->isOwn,
                                'is-odd' => $spot->isOdd,
                            ]) x="{{ $spot->left() }}" y="{{ $spot->top() }}"
                                width="{{ $spot->markWidth() }}" height="{{ $spot->markHeight() }}" rx="1.5" />
                            <title>{{ $spot->inWords() }}</title>
                        </a>
                    @endforeach
                </svg></div>
            <p class="quiet">{{ __('prices.a_mark_to_each_sku_along', ['axes' => $screen->axesInWords()]) }}
                @if ($screen->ladder->odd() === [])
                    {{ __('prices.none_stands_out') }}
                @endif
            </p>
            @if ($screen->ladder->odd() !== [])
                <ul class="findings">
                    @foreach ($screen->firstOdd() as $spot)
                        <li class="finding advises">@say('prices.price_place_stands_out_its_values', ['price' => $spot->price->price->shown(), 'place' => $spot->place]) <a
                                href="{{ route('board', ['product' => $product, 'lens' => 'prices', 'selected' => $spot->selected]) }}">{{ __('prices.show_on_the_board') }}</a>
                        </li>
                    @endforeach
                </ul>
            @endif
        @endif
    </section>
    <section aria-labelledby="base-title">
        <h2 id="base-title">{{ __('prices.whole_product') }}</h2>
        <div class="detail-row">
            <form class="detail" data-act="{{ route('prices.base', $product) }}" data-at-once>
                <div class="detail-fields">
                    <div class="field"><label
                            for="price-base">{{ __('prices.base_price_currency', ['currency' => $product->currency]) }}</label><input
                            class="form-control" id="price-base" name="typed" value="{{ $screen->baseTyped() }}"
                            autocomplete="off" inputmode="decimal" @readonly(!$canEdit)>
                        <p class="hint">{{ __('prices.of_every_sku_that_has_none') }}</p>
                    </div>
                </div>
            </form>
            <x-detail-form :product="$product" :loaded="$loaded" kind="ending" />
            <x-detail-form :product="$product" :loaded="$loaded" kind="list price" />
            <x-detail-form :product="$product" :loaded="$loaded" kind="cost" />
        </div>
        <x-detail-form :product="$product" :loaded="$loaded" kind="sale" />
    </section>
    <div class="prices-parts">
        <section aria-labelledby="adjust-title">
            <h2 id="adjust-title">{{ __('prices.what_values_add') }}</h2>
            @if ($loaded->core->matrix->axes === [] && $loaded->core->prices->standingLabels() === [])
                <p class="quiet">{{ __('prices.this_product_is_a_single_sku') }}</p>
            @else
                <p class="quiet">{{ __('prices.amounts_first_then_percentages_in_the') }}</p>
                <table class="plain adjust-table">
                    <thead>
                        <tr>
                            <th scope="col">{{ __('prices.value') }}</th>
                            <th scope="col">{{ __('prices.amount_currency', ['currency' => $product->currency]) }}
                            </th>
                            <th scope="col">{{ __('prices.percent') }}</th>
                            <th scope="col" class="number">{{ __('prices.its_skus') }}</th>
                        </tr>
                    </thead>
                    @if ($loaded->core->prices->standingLabels() !== [])
                        <tbody>
                            <tr>
                                <th scope="rowgroup" colspan="4" class="axis">
                                    {{ __('prices.of_axes_that_the_product_had') }}</th>
                            </tr>
                            @foreach ($loaded->core->prices->standingLabels() as $valueId => $label)
                                <x-value-adds :product="$product" :id="$valueId" :label="$label" :adds="$loaded->core->prices->adjustments[$valueId]"
                                    range="all" />
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
                                    :adds="$loaded->core->prices->adjustments[$value->id] ?? null" :range="$screen->range($value->id)" />
                            @endforeach
                        </tbody>
                    @endforeach
                </table>
            @endif
        </section>
        <section aria-labelledby="breaks-title">
            <h2 id="breaks-title">{{ __('prices.quantity_breaks') }}</h2>
            <form data-act="{{ route('details.set', $product) }}">
                <input type="hidden" name="detail" value="breaks">
                <table class="plain breaks-table">
                    <thead>
                        <tr>
                            <th scope="col">{{ __('prices.from_units') }}</th>
                            <th scope="col">{{ __('prices.less') }}</th>
                            <th scope="col">{{ __('prices.taken_from') }}</th>
                        </tr>
                    </thead>
                    <tbody>
                        @foreach ($screen->breaks($canEdit) as $break)
                            <tr>
                                <td><input class="form-control" name="fields[{{ $break->first }}]"
                                        aria-label="{{ __('prices.from_row_at', ['at' => $break->row]) }}"
                                        value="{{ $break->from }}" inputmode="numeric" autocomplete="off"
                                        @readonly(!$canEdit)></td>
                                <td><input class="form-control" name="fields[{{ $break->second }}]"
                                        aria-label="{{ __('prices.less_row_at', ['at' => $break->row]) }}"
                                        value="{{ $break->off }}" placeholder="{{ __('prices.5_or_2_00') }}"
                                        autocomplete="off" @readonly(!$canEdit)></td>
                                <td><select class="form-select" name="fields[{{ $break->third }}]"
                                        aria-label="{{ __('prices.taken_from_row_at', ['at' => $break->row]) }}"
                                        @disabled(!$canEdit)>
                                        @foreach ($scopes as $scope)
                                            <option value="{{ $scope->value }}" @selected($break->scope === $scope)>
                                                {{ $scope->inWords() }}</option>
                                        @endforeach
                                    </select>
                                </td>
                            </tr>
                        @endforeach
                    </tbody>
                </table>
                @if ($canEdit)
                    <button class="btn btn-plain">{{ __('prices.keep_the_breaks') }}</button> <span
                        class="quiet">{{ __('prices.a_row_that_is_emptied_goes') }}</span>
                @endif
            </form>
            @if ($screen->parts() !== [])
                <h2>{{ __('prices.said_otherwise_of_parts') }}</h2>
                <table class="plain">
                    <tbody>
                        @foreach ($screen->parts() as $part)
                            <tr>
                                <th scope="row">{{ $part->kind->label() }}</th>
                                <td>{{ $part->where }}</td>
                                <td>{{ $part->words }}</td>
                            </tr>
                        @endforeach
                    </tbody>
                </table>
                <p class="quiet">{{ __('prices.select_the_part_on_the_board') }}</p>
            @endif
        </section>
    </div>
</div>
