<form class="setup replans" id="setup" data-act="{{ route('setup.build', $product) }}"
    data-plan="{{ route('setup.plan', $product) }}">
    <h2 id="dialog-title">{{ __('board.axes_of_product', ['product' => $product->name]) }}</h2>
    <p class="quiet">{{ __('board.type_or_paste_values_in_one') }}</p>
    <datalist id="library-axes">
        @foreach ($libraryAxes as $name)
            <option value="{{ $name }}"></option>
        @endforeach
    </datalist>
    <div data-axes>
        @foreach ($setup->rows() as $row)
            <fieldset id="axis-row-{{ $row->draft->key }}">
                <legend class="visually-hidden">{{ $row->draft->name === '' ? __('board.new_axis') : $row->called }}
                </legend>
                <div>
                    @if ($row->draft->axisId !== null)
                        <span class="axis-name">{{ $row->called }}</span><input type="hidden"
                            name="axes[{{ $row->draft->key }}][axis]" value="{{ $row->draft->axisId }}"><input
                            type="hidden" name="axes[{{ $row->draft->key }}][name]"
                        value="{{ $row->called }}">@else<label class="visually-hidden"
                            for="axis-name-{{ $row->draft->key }}">{{ __('board.name_of_the_axis') }}</label><input
                            class="form-control" id="axis-name-{{ $row->draft->key }}"
                            name="axes[{{ $row->draft->key }}][name]" value="{{ $row->draft->name }}"
                            list="library-axes" placeholder="{{ __('board.size_color_style') }}" autocomplete="off">
                    @endif
                </div>
                <div><label class="visually-hidden"
                        for="axis-values-{{ $row->draft->key }}">{{ $row->draft->values === [] ? __('board.values_of') : __('board.more_values_of') }}
                        {{ $row->called }}</label>
                    <textarea class="form-control" id="axis-values-{{ $row->draft->key }}" name="axes[{{ $row->draft->key }}][values]"
                        rows="1" placeholder="{{ $row->draft->values === [] ? 'S, M, L' : __('board.more_values') }}"
                        @if ($row->draft->typed !== '') autofocus @endif>{{ $row->draft->typed }}</textarea><input type="hidden" name="axes[{{ $row->draft->key }}][items]"
                        value="{{ $row->draft->itemsJson() }}" data-items><input type="hidden"
                        id="axis-dragged-{{ $row->draft->key }}" name="axes[{{ $row->draft->key }}][dragged]"
                        value="{{ $row->draft->keepsOrder ? '1' : '' }}" data-dragged>
                </div>
                <div>
                    <button type="button" class="btn-quiet" data-setup="earlier"
                        title="{{ __('board.this_axis_earlier') }}" @disabled($loop->first)><x-icon
                            name="arrow-left" /><span
                            class="visually-hidden">{{ __('board.draft_earlier', ['draft' => $row->draft->name]) }}</span></button><button
                        type="button" class="btn-quiet" data-setup="later" title="{{ __('board.this_axis_later') }}"
                        @disabled($loop->last)><x-icon name="arrow-right" /><span
                            class="visually-hidden">{{ __('board.draft_later', ['draft' => $row->draft->name]) }}</span></button><button
                        type="button" class="btn-quiet" data-setup="drop-axis"
                        title="{{ __('board.drop_this_axis') }}"><x-icon name="x" /><span
                            class="visually-hidden">{{ __('board.drop_draft', ['draft' => $row->draft->name === '' ? __('board.the_new_axis') : $row->draft->name]) }}</span></button>
                </div>
                <ul class="read" aria-label="{{ __('board.called_so_far', ['called' => ucfirst($row->called)]) }}">
                    @foreach ($setup->chips($row->draft) as $chip)
                        <li class="chip @if ($chip->isNew) is-new @endif"
                            data-label="{{ $chip->label }}" data-item="{{ $chip->item }}"><span class="label">
                                @if ($row->isColor())
                                    <x-swatch-chip :swatch="$chip->swatch" />
                                @endif
                                <x-long-name :name="$chip->label" />
                            </span><button type="button" class="btn-quiet drop" data-setup="drop-value"><x-icon
                                    name="x" /><span
                                    class="visually-hidden">{{ __('board.take_chip_away', ['chip' => $chip->label]) }}</span></button>
                        </li>
                    @endforeach
                </ul>
                <ul class="hints">
                    @if ($row->own?->near !== null)
                        <li class="warns">
                            {{ __('board.draft_is_close_to_near_which', ['draft' => $row->draft->name, 'near' => $row->own->near]) }}
                            <button type="button" class="btn btn-plain" data-setup="take-axis"
                                data-known="{{ $row->own->near }}">{{ __('board.use_near', ['near' => $row->own->near]) }}</button>
                        </li>
                    @endif
                    @foreach ($row->own?->read->doubles ?? [] as $double)
                        <li class="warns">{{ $double->inWords() }}</li>
                    @endforeach
                    @foreach ($row->own?->read->otherWords ?? [] as $word)
                        <li>{{ $word->inWords() }}</li>
                    @endforeach
                    @foreach ($row->own?->read->nearMisses ?? [] as $near)
                        <li class="warns">{{ $near->inWords() }} <button type="button" class="btn btn-plain"
                                data-setup="take" data-typed="{{ $near->typed }}"
                                @if ($near->knownId !== null) data-item="{{ $near->knownId }}" @endif>{{ $near->knownId === null ? __('board.keep_only') : __('board.use') }}
                                {{ $near->known }}</button></li>
                    @endforeach
                    @if ($row->own !== null && $row->own->isNew())
                        <li>{{ __('board.axis_is_new_to_the_library', ['axis' => $row->own->axis->name]) }}
                            <label><input type="checkbox" class="form-check-input"
                                    name="axes[{{ $row->draft->key }}][pictures]" value="1"
                                    @checked($row->own->axis->changesPicture)>
                                {{ __('board.its_values_look_different_in_pictures') }}</label><input type="hidden"
                                name="axes[{{ $row->draft->key }}][pictures_asked]" value="1">
                        </li>
                    @endif
                    @foreach ($row->own === null ? [] : $setup->additions($row->own) as $value)
                        <li class="like"><label>{{ __('board.value_is_made_like', ['value' => $value->label]) }}
                                <select class="form-select" id="like-{{ $row->draft->key }}-{{ $loop->index }}"
                                    name="likes[{{ $row->draft->key }}][{{ $loop->index }}]">
                                    <option value="">{{ __('board.no_other') }}</option>
                                    @foreach ($loaded->core->matrix->axis($row->own->axis->id)->values as $other)
                                        @if ($row->own->axis->has($other->id))
                                            <option value="{{ $setup->likeItem($value, $other) }}"
                                                @selected($setup->likeOf($row->own, $value) === $other->id)>{{ $other->label }}</option>
                                        @endif
                                    @endforeach
                                </select>
                            </label> <span class="quiet">{{ __('board.same_price_weight_and_left_out') }}</span></li>
                    @endforeach
                    @if ($row->own !== null && $row->own->runs !== [])
                        <li class="library">{{ __('board.size_runs') }} @foreach ($setup->runItems($row->own) as $name => $items)
                                <button type="button" class="btn btn-plain" data-setup="use-run"
                                    data-items="{{ $items }}">{{ $name }}</button>
                            @endforeach
                        </li>
                    @endif
                    @if ($row->unused() !== [])
                        <li class="library">{{ __('board.in_the_library') }} @foreach ($row->unused() as $value)
                                <button type="button" class="btn btn-plain"
                                    id="library-{{ $row->draft->key }}-{{ $value->id }}" data-setup="add-value"
                                    data-item="{{ $value->id }}">{{ $value->label }}</button>
                            @endforeach
                        </li>
                    @endif
                    @if ($row->own !== null && !$row->own->isNew() && $row->own->newValues() !== [])
                        <li>{{ __('board.new_to_the_library_new_values', ['new_values' => $row->own->newValues()]) }}
                        </li>
                    @endif
                </ul>
            </fieldset>
        @endforeach
    </div>
    <div class="add-axes">
        <button type="button" class="btn btn-plain" data-setup="add-axis"><x-icon name="plus" />
            {{ __('board.add_an_axis') }}</button>
        @foreach ($setup->spareRuns() as $run)
            <button type="button" class="btn btn-plain" id="run-{{ $run->id }}" data-setup="add-axis"
                data-name="{{ $run->axis->name }}"
                data-items="{{ json_encode($run->value_ids) }}">{{ $run->axis->name }}: {{ $run->name }}</button>
        @endforeach
    </div>

    @foreach ($setup->homes() as $axis)
        <div class="settle"><label
                for="home-{{ $loop->index }}">{{ trans_choice('board.the_skus_of_today_are', count($loaded->core->made), ['axis' => $axis->name]) }}</label><select
                class="form-select" id="home-{{ $loop->index }}" name="homes[{{ $setup->row($axis) }}]">
                @foreach ($axis->values as $value)
                    <option value="{{ $setup->item($value) }}" @selected(($planned->change->homes[$axis->id] ?? null) === $value->id)>{{ $value->label }}
                    </option>
                @endforeach
            </select>
        </div>
    @endforeach
    @foreach ($setup->becomeAxes() as $fact)
        <p class="settle">
            {{ __('board.the_fact_becomes_the_axis', ['fact' => $fact->name, 'value' => $fact->value]) }}</p>
    @endforeach
    @foreach ($dropped as $axis)
        @if ($added !== [])
            <div class="settle"><label
                    for="exchange-{{ $axis->id }}">{{ __('board.axis_is', ['axis' => $axis->name]) }}</label><select
                    class="form-select" id="exchange-{{ $axis->id }}" name="exchanges[{{ $axis->id }}]">
                    <option value="">{{ __('board.dropped') }}</option>
                    @foreach ($added as $new)
                        <option value="{{ $setup->row($new) }}" @selected($setup->isExchangedFor($axis, $new))>
                            {{ __('board.replaced_by_new', ['new' => $new->name]) }}</option>
                    @endforeach
                </select>
            </div>
        @endif
        @if ($planned->change->isExchanged($axis->id))
            <div class="settle heirs">
                @foreach ($axis->values as $value)
                    <label>{{ __('board.value_becomes', ['value' => $value->label]) }} <select class="form-select"
                            id="heir-{{ $value->id }}" name="heirs[{{ $value->id }}]">
                            <option value="">{{ __('board.nothing_its_skus_retire') }}</option>
                            @foreach ($setup->heirsOf($axis) as $heir)
                                <option value="{{ $setup->item($heir) }}" @selected($setup->heirOf($axis, $value) === $heir->id)>
                                    {{ $heir->label }}</option>
                            @endforeach
                        </select>
                    </label>
                @endforeach
            </div>
        @else
            <div class="settle"><label
                    for="survivor-{{ $axis->id }}">{{ __('board.without_axis_the_skus_that_stay', ['axis' => $axis->name]) }}</label><select
                    class="form-select" id="survivor-{{ $axis->id }}" name="survivors[{{ $axis->id }}]">
                    @foreach ($axis->values as $value)
                        <option value="{{ $value->id }}" @selected($planned->change->survivors[$axis->id] === $value->id)>{{ $value->label }}
                        </option>
                    @endforeach
                </select>
                <label><input type="checkbox" class="form-check-input" name="as_facts[{{ $axis->id }}]"
                        value="1" @checked($choices->keepsAsFact($axis->id))> {{ __('board.keep_it_as_a_fact_for') }}</label>
            </div>
        @endif
    @endforeach

    <x-plan :plan="$plan" :problem="$problem" :changes="$shapeChanges" />
    <div class="buttons">
        @if ($loaded->core->matrix->axes !== [])
            <button type="button" class="btn btn-plain"
                data-dialog="{{ route('separate.plan', $product) }}">{{ __('combine.separate_menu') }}</button>
            <a class="btn btn-plain" href="{{ route('items', $product) }}">{{ __('combine.add_menu') }}</a>
        @endif
        <button type="button" class="btn btn-plain" data-do="close">{{ __('board.cancel') }}</button>
        <button class="btn btn-primary"
            @disabled(!$shapeChanges)>{{ $loaded->core->matrix->axes === [] ? __('board.build') : __('board.change') }}</button>
    </div>
    <template id="setup-axis">
        <fieldset id="axis-row-NEW">
            <div><label class="visually-hidden" for="axis-name-NEW">{{ __('board.name_of_the_axis') }}</label><input
                    class="form-control" id="axis-name-NEW" name="axes[NEW][name]" list="library-axes"
                    placeholder="{{ __('board.size_color_style') }}" autocomplete="off"></div>
            <div><label class="visually-hidden"
                    for="axis-values-NEW">{{ __('board.values_of_the_new_axis') }}</label>
                <textarea class="form-control" id="axis-values-NEW" name="axes[NEW][values]" rows="1" placeholder="S, M, L"></textarea><input type="hidden" name="axes[NEW][items]" value="[]"
                    data-items><input type="hidden" id="axis-dragged-NEW" name="axes[NEW][dragged]" value=""
                    data-dragged>
            </div>
            <div><button type="button" class="btn-quiet" data-setup="drop-axis"
                    title="{{ __('board.drop_this_axis') }}"><x-icon name="x" /><span
                        class="visually-hidden">{{ __('board.drop_the_new_axis') }}</span></button></div>
        </fieldset>
    </template>
</form>
