<div data-library data-version="{{ $library->library->version }}" data-url="{{ route('library.codes') }}">
    <h2>{{ __('library.code_patterns') }}</h2>
    <p class="quiet">{{ __('library.how_the_code_of_a_sku') }}</p>
    <table class="plain library-shots">
        <thead>
            <tr>
                <th scope="col">{{ __('library.pattern') }}</th>
                <th scope="col">{{ __('library.parts') }}</th>
                <th scope="col">{{ __('library.such_as_2') }}</th>
                <th scope="col" class="number">{{ __('library.products') }}</th>
                <th scope="col"></th>
            </tr>
        </thead>
        <tbody>
            <tr>
                <td class="name">{{ __('library.the_usual_one') }}</td>
                <td>{{ $codes->inWords($usual) }}</td>
                <td><code>{{ $codes->example($usual) }}</code></td>
                <td class="number quiet">{{ __('library.all_others') }}</td>
                <td></td>
            </tr>
            @foreach ($codes->patterns() as $record)
                <tr>
                    <td class="name">{{ $record->name }}</td>
                    <td>{{ $codes->inWords($record->toCore()) }}</td>
                    <td><code>{{ $codes->example($record->toCore()) }}</code></td>
                    <td class="number">@number($codes->users($record))</td>
                    <td>
                        @if ($canEdit)
                            <button type="button" class="btn btn-plain"
                                data-dialog="{{ route('library.code-pattern', $record) }}">{{ __('library.change_2') }}<span
                                    class="visually-hidden"> {{ $record->name }}</span></button>
                        @endif
                    </td>
                </tr>
            @endforeach
        </tbody>
    </table>
    @if ($canEdit)
        <p><button type="button" class="btn btn-primary"
                data-dialog="{{ route('library.code-patterns.new') }}">{{ __('library.another_pattern') }}</button>
        </p>
    @endif
    <h2>{{ __('library.gtin_ranges') }}</h2>
    <p class="quiet">{{ __('library.numbers_that_the_company_may_give') }}</p>
    <table class="plain library-shots">
        <thead>
            <tr>
                <th scope="col">{{ __('library.range') }}</th>
                <th scope="col">{{ __('library.prefix') }}</th>
                <th scope="col">{{ __('library.first_item') }}</th>
                <th scope="col">{{ __('library.last_item') }}</th>
                <th scope="col">{{ __('library.stands') }}</th>
                <th scope="col"></th>
            </tr>
        </thead>
        <tbody>
            @foreach ([...$codes->ranges(), ...$canEdit ? [null] : []] as $range)
                <tr>
                    <td><input class="form-control" form="range-{{ $range->id ?? 'new' }}" name="name"
                            value="{{ $range?->name }}" aria-label="{{ __('library.name_of_the_range') }}"
                            placeholder="{{ $range === null ? __('library.another_range') : '' }}" maxlength="60"
                            autocomplete="off" @readonly(!$canEdit)></td>
                    <td><input class="form-control" form="range-{{ $range->id ?? 'new' }}" name="prefix"
                            value="{{ $range?->prefix }}" aria-label="{{ __('library.company_prefix') }}"
                            inputmode="numeric" maxlength="13" autocomplete="off" @readonly(!$canEdit)></td>
                    <td><input class="form-control" form="range-{{ $range->id ?? 'new' }}" name="first"
                            value="{{ $range?->first }}" aria-label="{{ __('library.first_item') }}"
                            inputmode="numeric" maxlength="8" autocomplete="off" @readonly(!$canEdit)></td>
                    <td><input class="form-control" form="range-{{ $range->id ?? 'new' }}" name="last"
                            value="{{ $range?->last }}" aria-label="{{ __('library.last_item') }}" inputmode="numeric"
                            maxlength="8" autocomplete="off" @readonly(!$canEdit)></td>
                    <td class="quiet">{{ $range === null ? '' : $codes->standing($range) }}</td>
                    <td>
                        @if ($canEdit)
                            <form id="range-{{ $range->id ?? 'new' }}"
                                data-act="{{ $range === null ? route('library.gtin-ranges.create') : route('library.gtin-range.edit', $range) }}">
                                <button
                                    class="btn btn-plain">{{ $range === null ? __('library.add') : __('library.keep') }}</button>
                                @if ($range !== null)
                                    <button type="button" class="btn btn-plain"
                                        data-post="{{ route('library.gtin-range.remove', $range) }}">{{ __('library.remove') }}<span
                                            class="visually-hidden"> {{ $range->name }}</span></button>
                                @endif
                            </form>
                        @endif
                    </td>
                </tr>
            @endforeach
        </tbody>
    </table>
</div>
