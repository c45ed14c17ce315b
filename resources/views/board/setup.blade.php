<form class="setup replans" id="setup" data-act="{{ route('setup.build', $product) }}"
    data-plan="{{ route('setup.plan', $product) }}">
    <h2 id="dialog-title">Axes of {{ $product->name }}</h2>
    <p class="quiet">Type or paste values in one go: commas, vertical bars, semicolons, tabs and new lines all part
        them. Drag a value to reorder.</p>
    <datalist id="library-axes">
        @foreach ($libraryAxes as $name)
            <option value="{{ $name }}"></option>
        @endforeach
    </datalist>
    <div data-axes>
        @foreach ($drafts as $draft)
            @php($at = $draft->key)
            @php($own = $read[$at] ?? null)
            @php($called = $draft->name === '' ? 'the new axis' : $own?->axis->name ?? $draft->name)
            <fieldset id="axis-row-{{ $at }}">
                <legend class="visually-hidden">{{ $draft->name === '' ? 'New axis' : $called }}</legend>
                <div>
                    @if ($draft->axisId !== null)
                        <span class="axis-name">{{ $called }}</span><input type="hidden"
                            name="axes[{{ $at }}][axis]" value="{{ $draft->axisId }}"><input type="hidden"
                        name="axes[{{ $at }}][name]" value="{{ $called }}">@else<label
                            class="visually-hidden" for="axis-name-{{ $at }}">Name of the axis</label><input
                            class="form-control" id="axis-name-{{ $at }}"
                            name="axes[{{ $at }}][name]" value="{{ $draft->name }}" list="library-axes"
                            placeholder="Size, Color, Style…" autocomplete="off">
                    @endif
                </div>
                <div><label class="visually-hidden"
                        for="axis-values-{{ $at }}">{{ $draft->values === [] ? 'Values of' : 'More values of' }}
                        {{ $called }}</label>
                    <textarea class="form-control" id="axis-values-{{ $at }}" name="axes[{{ $at }}][values]"
                        rows="1" placeholder="{{ $draft->values === [] ? 'S, M, L' : 'more values' }}"
                        @if ($draft->typed !== '') autofocus @endif>{{ $draft->typed }}</textarea><input type="hidden" name="axes[{{ $at }}][items]"
                        value="{{ $draft->itemsJson() }}" data-items><input type="hidden"
                        id="axis-dragged-{{ $at }}" name="axes[{{ $at }}][dragged]"
                        value="{{ $draft->keepsOrder ? '1' : '' }}" data-dragged>
                </div>
                <div>
                    <button type="button" class="btn-quiet" data-setup="earlier" title="This axis earlier"
                        @disabled($loop->first)><x-icon name="arrow-left" /><span
                            class="visually-hidden">{{ $draft->name }} earlier</span></button><button type="button"
                        class="btn-quiet" data-setup="later" title="This axis later"
                        @disabled($loop->last)><x-icon name="arrow-right" /><span
                            class="visually-hidden">{{ $draft->name }} later</span></button><button type="button"
                        class="btn-quiet" data-setup="drop-axis" title="Drop this axis"><x-icon name="x" /><span
                            class="visually-hidden">Drop
                            {{ $draft->name === '' ? 'the new axis' : $draft->name }}</span></button>
                </div>
                <ul class="read" aria-label="{{ ucfirst($called) }} so far">
                    @foreach ($setup->chips($draft) as $chip)
                        <li class="chip @if ($chip->isNew) is-new @endif"
                            data-label="{{ $chip->label }}" data-item="{{ $chip->item }}"><span class="label">
                                @if ($own?->axis->kind === Core\Matrix\AxisKind::Color)
                                    <x-swatch :swatch="$chip->swatch" />
                                @endif
                                <x-long-name :name="$chip->label" />
                            </span><button type="button" class="btn-quiet drop" data-setup="drop-value"><x-icon
                                    name="x" /><span class="visually-hidden">Take {{ $chip->label }}
                                    away</span></button></li>
                    @endforeach
                </ul>
                <ul class="hints">
                    @if ($own?->near !== null)
                        <li class="warns">“{{ $draft->name }}” is close to {{ $own->near }}, which the library
                            has. <button type="button" class="btn btn-plain" data-setup="take-axis"
                                data-known="{{ $own->near }}">Use {{ $own->near }}</button></li>
                    @endif
                    @foreach ($own?->read->doubles ?? [] as $double)
                        <li class="warns">{{ $double->inWords() }}</li>
                    @endforeach
                    @foreach ($own?->read->otherWords ?? [] as $word)
                        <li>{{ $word->inWords() }}</li>
                    @endforeach
                    @foreach ($own?->read->nearMisses ?? [] as $near)
                        <li class="warns">{{ $near->inWords() }} <button type="button" class="btn btn-plain"
                                data-setup="take" data-typed="{{ $near->typed }}"
                                @if ($near->knownId !== null) data-item="{{ $near->knownId }}" @endif>{{ $near->knownId === null ? 'Keep only' : 'Use' }}
                                {{ $near->known }}</button></li>
                    @endforeach
                    @if ($own !== null && $own->isNew())
                        <li>{{ $own->axis->name }} is new to the library. <label><input type="checkbox"
                                    class="form-check-input" name="axes[{{ $at }}][pictures]" value="1"
                                    @checked($own->axis->changesPicture)> Its values look different in pictures</label><input
                                type="hidden" name="axes[{{ $at }}][pictures_asked]" value="1"></li>
                    @endif
                    @foreach ($own === null ? [] : $setup->additions($own) as $value)
                        <li class="like"><label>{{ $value->label }} is made like <select class="form-select"
                                    id="like-{{ $at }}-{{ $loop->index }}"
                                    name="likes[{{ $at }}][{{ $loop->index }}]">
                                    <option value="">no other</option>
                                    @foreach ($loaded->core->matrix->axis($own->axis->id)->values as $other)
                                        @if ($own->axis->has($other->id))
                                            <option value="{{ $setup->likeItem($value, $other) }}"
                                                @selected($setup->likeOf($own, $value) === $other->id)>{{ $other->label }}</option>
                                        @endif
                                    @endforeach
                                </select>
                            </label> <span class="quiet">same price, weight and left-out cells</span></li>
                    @endforeach
                    @if ($own !== null && $own->runs !== [])
                        <li class="library">Size runs: @foreach ($setup->runItems($own) as $name => $items)
                                <button type="button" class="btn btn-plain" data-setup="use-run"
                                    data-items="{{ $items }}">{{ $name }}</button>
                            @endforeach
                        </li>
                    @endif
                    @if (($own?->unused ?? []) !== [])
                        <li class="library">In the library: @foreach (array_slice($own->unused, 0, 30) as $value)
                                <button type="button" class="btn btn-plain"
                                    id="library-{{ $at }}-{{ $value->id }}" data-setup="add-value"
                                    data-item="{{ $value->id }}">{{ $value->label }}</button>
                            @endforeach
                        </li>
                    @endif
                    @if ($own !== null && !$own->isNew() && $own->newValues() !== [])
                        <li>New to the library: {{ implode(', ', $own->newValues()) }}.</li>
                    @endif
                </ul>
            </fieldset>
        @endforeach
    </div>
    <div class="add-axes">
        <button type="button" class="btn btn-plain" data-setup="add-axis"><x-icon name="plus" /> Add an
            axis</button>
        @foreach ($setup->spareRuns() as $run)
            <button type="button" class="btn btn-plain" id="run-{{ $run->id }}" data-setup="add-axis"
                data-name="{{ $run->axis->name }}"
                data-items="{{ json_encode($run->value_ids) }}">{{ $run->axis->name }}: {{ $run->name }}</button>
        @endforeach
    </div>

    @foreach ($setup->homes() as $axis)
        <div class="settle"><label
                for="home-{{ $loop->index }}">{{ count($loaded->core->made) === 1 ? 'The SKU of today is' : 'The ' . count($loaded->core->made) . ' SKUs of today are' }}
                {{ $axis->name }}</label><select class="form-select" id="home-{{ $loop->index }}"
                name="homes[{{ $setup->row($axis) }}]">
                @foreach ($axis->values as $value)
                    <option value="{{ Core\Changes\Matrix\DraftValue::of($value)->toJson() }}"
                        @selected(($planned->change->homes[$axis->id] ?? null) === $value->id)>{{ $value->label }}</option>
                @endforeach
            </select>
        </div>
    @endforeach
    @foreach ($setup->becomeAxes() as $fact)
        <p class="settle">The fact “{{ $fact->name }}: {{ $fact->value }}” becomes the axis.</p>
    @endforeach
    @foreach ($dropped as $axis)
        @if ($added !== [])
            <div class="settle"><label for="exchange-{{ $axis->id }}">{{ $axis->name }} is</label><select
                    class="form-select" id="exchange-{{ $axis->id }}" name="exchanges[{{ $axis->id }}]">
                    <option value="">dropped</option>
                    @foreach ($added as $new)
                        <option value="{{ $setup->row($new) }}" @selected($setup->isExchangedFor($axis, $new))>replaced by
                            {{ $new->name }}</option>
                    @endforeach
                </select>
            </div>
        @endif
        @if ($planned->change->isExchanged($axis->id))
            <div class="settle heirs">
                @foreach ($axis->values as $value)
                    <label>{{ $value->label }} becomes <select class="form-select" id="heir-{{ $value->id }}"
                            name="heirs[{{ $value->id }}]">
                            <option value="">nothing: its SKUs retire</option>
                            @foreach ($setup->heirsOf($axis) as $heir)
                                <option value="{{ Core\Changes\Matrix\DraftValue::of($heir)->toJson() }}"
                                    @selected($setup->heirOf($axis, $value) === $heir->id)>{{ $heir->label }}</option>
                            @endforeach
                        </select>
                    </label>
                @endforeach
            </div>
        @else
            <div class="settle"><label for="survivor-{{ $axis->id }}">Without {{ $axis->name }}, the SKUs that
                    stay are those of</label><select class="form-select" id="survivor-{{ $axis->id }}"
                    name="survivors[{{ $axis->id }}]">
                    @foreach ($axis->values as $value)
                        <option value="{{ $value->id }}" @selected($planned->change->survivors[$axis->id] === $value->id)>{{ $value->label }}
                        </option>
                    @endforeach
                </select>
                <label><input type="checkbox" class="form-check-input" name="as_facts[{{ $axis->id }}]"
                        value="1" @checked(in_array($axis->id, $choices->asFacts, true))> Keep it as a fact for shoppers</label>
            </div>
        @endif
    @endforeach

    <x-plan :plan="$plan" :problem="$problem" :changes="$shapeChanges" />
    <div class="buttons">
        <button type="button" class="btn btn-plain" data-do="close">Cancel</button>
        <button class="btn btn-primary"
            @disabled(!$shapeChanges)>{{ $loaded->core->matrix->axes === [] ? 'Build' : 'Change' }}</button>
    </div>
    <template id="setup-axis">
        <fieldset id="axis-row-NEW">
            <div><label class="visually-hidden" for="axis-name-NEW">Name of the axis</label><input
                    class="form-control" id="axis-name-NEW" name="axes[NEW][name]" list="library-axes"
                    placeholder="Size, Color, Style…" autocomplete="off"></div>
            <div><label class="visually-hidden" for="axis-values-NEW">Values of the new axis</label>
                <textarea class="form-control" id="axis-values-NEW" name="axes[NEW][values]" rows="1" placeholder="S, M, L"></textarea><input type="hidden" name="axes[NEW][items]" value="[]"
                    data-items><input type="hidden" id="axis-dragged-NEW" name="axes[NEW][dragged]" value=""
                    data-dragged>
            </div>
            <div><button type="button" class="btn-quiet" data-setup="drop-axis" title="Drop this axis"><x-icon
                        name="x" /><span class="visually-hidden">Drop the new axis</span></button></div>
        </fieldset>
    </template>
</form>
