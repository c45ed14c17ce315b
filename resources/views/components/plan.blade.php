@props(['plan', 'problem' => '', 'changes' => true])
{{-- What a change will do, with what has to be settled. --}}
<div {{ $attributes->class(['plan', 'problem' => $problem !== '']) }} role="status" id="plan">
    @if ($problem !== '')
        <p>{{ $problem }}</p>
    @elseif ($plan !== null)
        <p class="arithmetic">{{ $plan->arithmetic() }}</p>
        <p>{{ $changes ? 'This ' . $plan->planned->summary() . '.' : 'As it is now.' }}</p>
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
            <legend>{{ $plan->collapseWords() }} Which stays?</legend>
            <label class="all"><input type="checkbox" class="form-check-input" name="stock_adds_up" value="1"
                    @checked($plan->planned->change->stockAddsUp)> Add the stock of the others to it</label>
            <div class="pairs">
                <table class="plain">
                    <thead>
                        <tr>
                            <th scope="col">Cell</th>
                            <th scope="col" colspan="2">SKU that stays</th>
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
                <p class="quiet">And {{ number_format($plan->unlisted()) }} more cells, settled in the same way.</p>
            @endif
        </fieldset>
    @endif
    @if ($plan->needsCodes())
        <fieldset class="settle-codes">
            <legend>Codes that are taken already, and what to use instead</legend>
            @foreach ($plan->codeClashes() as $clash)
                <label id="code-{{ $loop->index }}"><span>{{ $clash->inWords() }}</span> <input class="form-control"
                        name="codes[{{ $clash->wanted }}]" value="{{ $clash->proposal }}" maxlength="64"
                        autocomplete="off" aria-label="Code in place of {{ $clash->wanted }}"></label>
            @endforeach
            @foreach ($plan->planned->codes->chosen as $wanted => $code)
                <label><span>In place of {{ $wanted }}</span> <input class="form-control"
                        name="codes[{{ $wanted }}]" value="{{ $code }}" maxlength="64"
                        autocomplete="off"></label>
            @endforeach
            @if ($plan->unlistedClashes() > 0)
                <p class="quiet">And {{ number_format($plan->unlistedClashes()) }} more. Give one of the values
                    another code first.</p>
            @endif
        </fieldset>
    @endif
    @foreach ($plan->planned->clashes as $clash)
        <fieldset class="settle-role">
            <legend>{{ count($clash->placements) }} pictures would be {{ $clash->role->label() }} of the same SKUs.
                Which is it?</legend>
            @foreach ($clash->placements as $placement)
                <label><input type="radio" class="form-check-input" name="roles[{{ $clash->key() }}]"
                        value="{{ $placement->id }}" @checked($plan->planned->keeps($clash) === $placement)> {{ $placement->file }}</label>
            @endforeach
        </fieldset>
    @endforeach
@endif
