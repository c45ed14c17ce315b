@php($canEdit = auth()->user()->can('edit'))
<div data-library data-version="{{ $library->library->version }}" data-url="{{ route('library.codes') }}">
    <h2>Code patterns</h2>
    <p class="quiet">How the code of a SKU is put together, for a kind of product. A product is given a pattern on its
        board, in the Codes lens; it says first what becomes of its codes.</p>
    <table class="plain library-shots">
        <thead>
            <tr>
                <th scope="col">Pattern</th>
                <th scope="col">Parts</th>
                <th scope="col">Such as</th>
                <th scope="col" class="number">Products</th>
                <th scope="col"></th>
            </tr>
        </thead>
        <tbody>
            <tr>
                <td class="name">The usual one</td>
                <td>{{ $codes->inWords(Core\Codes\CodePattern::usual()) }}</td>
                <td><code>{{ $codes->example(Core\Codes\CodePattern::usual()) }}</code></td>
                <td class="number quiet">all others</td>
                <td></td>
            </tr>
            @foreach ($codes->patterns() as $record)
                <tr>
                    <td class="name">{{ $record->name }}</td>
                    <td>{{ $codes->inWords($record->toCore()) }}</td>
                    <td><code>{{ $codes->example($record->toCore()) }}</code></td>
                    <td class="number">{{ number_format($codes->users($record)) }}</td>
                    <td>
                        @if ($canEdit)
                            <button type="button" class="btn btn-plain"
                                data-dialog="{{ route('library.code-pattern', $record) }}">Change…<span
                                    class="visually-hidden"> {{ $record->name }}</span></button>
                        @endif
                    </td>
                </tr>
            @endforeach
        </tbody>
    </table>
    @if ($canEdit)
        <p><button type="button" class="btn btn-primary"
                data-dialog="{{ route('library.code-patterns.new') }}">Another pattern…</button></p>
    @endif
    <h2>GTIN ranges</h2>
    <p class="quiet">Numbers that the company may give: its prefix, and the items from one to another. They are given
        on the board, in the GTIN lens.</p>
    <table class="plain library-shots">
        <thead>
            <tr>
                <th scope="col">Range</th>
                <th scope="col">Prefix</th>
                <th scope="col">First item</th>
                <th scope="col">Last item</th>
                <th scope="col">Stands</th>
                <th scope="col"></th>
            </tr>
        </thead>
        <tbody>
            @foreach ([...$codes->ranges(), ...$canEdit ? [null] : []] as $range)
                @php($id = $range->id ?? 'new')
                <tr>
                    <td><input class="form-control" form="range-{{ $id }}" name="name"
                            value="{{ $range?->name }}" aria-label="Name of the range"
                            placeholder="{{ $range === null ? 'Another range' : '' }}" maxlength="60"
                            autocomplete="off" @readonly(!$canEdit)></td>
                    <td><input class="form-control" form="range-{{ $id }}" name="prefix"
                            value="{{ $range?->prefix }}" aria-label="Company prefix" inputmode="numeric"
                            maxlength="13" autocomplete="off" @readonly(!$canEdit)></td>
                    <td><input class="form-control" form="range-{{ $id }}" name="first"
                            value="{{ $range?->first }}" aria-label="First item" inputmode="numeric" maxlength="8"
                            autocomplete="off" @readonly(!$canEdit)></td>
                    <td><input class="form-control" form="range-{{ $id }}" name="last"
                            value="{{ $range?->last }}" aria-label="Last item" inputmode="numeric" maxlength="8"
                            autocomplete="off" @readonly(!$canEdit)></td>
                    <td class="quiet">{{ $range === null ? '' : $codes->standing($range) }}</td>
                    <td>
                        @if ($canEdit)
                            <form id="range-{{ $id }}"
                                data-act="{{ $range === null ? route('library.gtin-ranges.create') : route('library.gtin-range.edit', $range) }}">
                                <button class="btn btn-plain">{{ $range === null ? 'Add' : 'Keep' }}</button>
                                @if ($range !== null)
                                    <button type="button" class="btn btn-plain"
                                        data-post="{{ route('library.gtin-range.remove', $range) }}">Remove<span
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
