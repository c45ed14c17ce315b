<h2>
    {{ __('details.facts') }}</h2>
<p class="quiet">{{ __('details.what_else_is_to_be_said') }}</p>
@if ($loaded->core->state->details->facts !== [])
    <table class="plain facts-table">
        <tbody>
            @foreach ($loaded->core->state->details->facts as $fact)
                <tr>
                    <th scope="row">{{ $fact->name }}</th>
                    <td>{{ $fact->inWords() }}</td>
                    <td class="quiet">
                        {{ $fact->kind->value }}{{ $fact->isShown ? '' : __('details.not_shown_to_shoppers') }}</td>
                    <td>
                        @can('edit')
                            <a class="btn btn-plain"
                                href="{{ route('board', ['product' => $product, 'open' => route('setup', ['product' => $product, 'fact' => $fact->id], false)]) }}">{{ __('details.make_it_an_axis') }}</a>
                            <button type="button" class="btn btn-plain" data-post="{{ route('facts.remove', $product) }}"
                                data-with="{{ json_encode(['fact' => $fact->id]) }}">{{ __('details.remove') }}<span
                                    class="visually-hidden">
                                    {{ $fact->name }}</span></button>
                        @endcan
                    </td>
                </tr>
            @endforeach
        </tbody>
    </table>
@endif
@can('edit')
    <form class="line" data-act="{{ route('facts.set', $product) }}">
        <div class="field"><label for="fact-name">{{ __('details.fact') }}</label><input class="form-control"
                id="fact-name" name="name" placeholder="{{ __('details.such_as_lining') }}" maxlength="60" required>
        </div>
        <div class="field"><label for="fact-value">{{ __('details.what_it_says') }}</label><input class="form-control"
                id="fact-value" name="value" placeholder="{{ __('details.such_as_cotton') }}" maxlength="200" required>
        </div>
        <div class="field"><label for="fact-kind">{{ __('details.as') }}</label><select class="form-select" id="fact-kind"
                name="kind">
                @foreach ($kinds as $kind)
                    <option value="{{ $kind->value }}">{{ $kind->value }}</option>
                @endforeach
            </select>
        </div>
        <div class="field"><label for="fact-unit">{{ __('details.unit_of_a_number') }}</label><input class="form-control"
                id="fact-unit" name="unit" placeholder="{{ __('details.such_as_g_m2') }}" maxlength="12"
                autocomplete="off"></div>
        <label class="settle"><input type="checkbox" class="form-check-input" name="is_hidden" value="1">
            {{ __('details.not_for_shoppers') }}</label>
        <button class="btn btn-plain">{{ __('details.keep_the_fact') }}</button>
    </form>
@endcan
<h2>{{ __('details.what_shoppers_see_first') }}</h2>
<p>{{ $screen->opensWith() }} {{ $screen->choiceInWords() }}
    @if ($product->opening_cell !== null)
        @can('edit')
            <button type="button" class="btn btn-plain" data-post="{{ route('opening', $product) }}"
                data-with='{"none":1}'>{{ __('details.back_to_the_first_that_is') }}</button>
        @endcan
    @endif
</p>
