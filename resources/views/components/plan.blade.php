@props(['plan', 'problem' => '', 'changes' => true])
{{-- What a change will do, with what has to be settled. --}}
<div {{ $attributes->class(['plan', 'problem' => $problem !== '']) }} role="status" id="plan">
    @if ($problem !== '')
        <p>{{ $problem }}</p>
    @elseif ($plan !== null)
        <p class="arithmetic">{{ $plan->arithmetic() }}</p>
        <p>{{ $changes ? __('parts.this_summary', ['summary' => $plan->planned->summary()]) : __('parts.as_it_is_now') }}
        </p>
        @if ($plan->remarks() !== [])
            <ul>
                @foreach ($plan->remarks() as $remark)
                    <li>{{ $remark }}</li>
                @endforeach
            </ul>
        @endif
    @endif
</div>
@if ($problem === '' && $plan !== null)
    @if ($plan->collapses() !== [])
        <fieldset class="settle-pairs">
            <legend>{{ __('parts.collapse_words_which_stays', ['collapse_words' => $plan->collapseWords()]) }}</legend>
            <label class="all"><input type="checkbox" class="form-check-input" name="stock_adds_up" value="1"
                    @checked($plan->planned->change->stockAddsUp)> {{ __('parts.add_the_stock_of_the_others') }}</label>
            <div class="pairs">
                <table class="plain">
                    <thead>
                        <tr>
                            <th scope="col">{{ __('parts.cell') }}</th>
                            <th scope="col" colspan="2">{{ __('parts.sku_that_stays') }}</th>
                        </tr>
                    </thead>
                    <tbody>
                        @foreach ($plan->collapses() as $collapse)
                            <tr>
                                <th scope="row">{{ $plan->cell($collapse) }}</th>
                                <td>
                                    @foreach ($plan->candidates($collapse) as $sku)
                                        <label><input type="radio" class="form-check-input"
                                                name="winners[{{ $collapse->cell->key === '' ? '-' : $collapse->cell->key }}]"
                                                value="{{ $sku->id }}" @checked($loop->first)>
                                            {{ $sku->code }} <span class="quiet">{{ $plan->place($sku) }} ·
                                                {{ $plan->price($sku) }} · {{ $plan->stock($sku) }}</span></label>
                                    @endforeach
                                </td>
                            </tr>
                        @endforeach
                    </tbody>
                </table>
            </div>
            @if ($plan->unlisted() > 0)
                <p class="quiet">
                    {{ __('parts.and_unlisted_more_cells_settled_in', ['unlisted' => $plan->unlisted()]) }}</p>
            @endif
        </fieldset>
    @endif
    @if ($plan->needsCodes())
        <fieldset class="settle-codes">
            <legend>{{ __('parts.codes_that_are_taken_already_and') }}</legend>
            @foreach ($plan->codeClashes() as $clash)
                <label id="code-{{ $loop->index }}"><span>{{ $clash->inWords() }}</span> <input class="form-control"
                        name="codes[{{ $clash->wanted }}]" value="{{ $clash->proposal }}" maxlength="64"
                        autocomplete="off"
                        aria-label="{{ __('parts.code_in_place_of_wanted', ['wanted' => $clash->wanted]) }}"></label>
            @endforeach
            @foreach ($plan->planned->codes->chosen as $wanted => $code)
                <label><span>{{ __('parts.in_place_of_wanted', ['wanted' => $wanted]) }}</span> <input
                        class="form-control" name="codes[{{ $wanted }}]" value="{{ $code }}"
                        maxlength="64" autocomplete="off"></label>
            @endforeach
            @if ($plan->unlistedClashes() > 0)
                <p class="quiet">
                    {{ __('parts.and_unlisted_clashes_more_give_one', ['unlisted_clashes' => $plan->unlistedClashes()]) }}
                </p>
            @endif
        </fieldset>
    @endif
    @foreach ($plan->planned->clashes as $clash)
        <fieldset class="settle-role">
            <legend>
                {{ __('parts.placements_pictures_would_be_role_of', ['placements' => count($clash->placements), 'role' => $clash->role->label()]) }}
            </legend>
            @foreach ($clash->placements as $placement)
                <label><input type="radio" class="form-check-input" name="roles[{{ $clash->key() }}]"
                        value="{{ $placement->id }}" @checked($plan->planned->keeps($clash) === $placement)> {{ $placement->file }}</label>
            @endforeach
        </fieldset>
    @endforeach
@endif
