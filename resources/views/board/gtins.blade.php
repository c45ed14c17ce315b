<form class="setup replans" id="gtins-plan" data-act="{{ route('gtins.allocate', $product) }}"
    data-plan="{{ route('gtins.plan', $product) }}" data-replans="dialog">
    <h2 id="dialog-title">{{ __('board.gtins_for_place', ['place' => $chosen->place()]) }}</h2>
    @if ($ranges === [])
        <p>{{ __('board.the_library_has_no_range_of') }} <a
                href="{{ route('library.codes') }}">{{ __('board.make_one_there') }}</a>{{ __('board.the_prefix_of_the_company_and') }}
        </p>
    @else
        <div class="settle"><label for="gtin-range">{{ __('board.out_of') }}</label><select class="form-select"
                id="gtin-range" name="range">
                @foreach ($ranges as $one)
                    <option value="{{ $one->id }}" @selected($range?->id === $one->id)>{{ $one->name }}:
                        {{ $one->prefix }}</option>
                @endforeach
            </select></div>
        <div @class(['plan', 'problem' => $problem !== '']) role="status" id="plan">
            <p>
                @if ($lacking === [])
                    {{ __('board.every_one_of_these_skus_has') }}
                @elseif ($problem !== '')
                    {{ $problem }}
                @else
                    {{ trans_choice('board.skus_get_numbers', count($numbers), ['first' => $numbers[0], 'last' => $last]) }}
                @endif
            </p>
            @if ($restriction !== null)
                <p>{{ __('board.numbers_with_this_prefix_are_restriction', ['restriction' => $restriction]) }}</p>
            @endif
        </div>
    @endif
    <div class="buttons"><button type="button" class="btn btn-plain"
            data-do="close">{{ __('board.cancel') }}</button><button class="btn btn-primary"
            @disabled($numbers === [])>{{ __('board.give_them') }}</button></div>
</form>
