{{-- What one value adds to the price of its SKUs, as a row of a table. --}}
@props(['product', 'id', 'label', 'adds', 'range', 'canEdit'])
<tr>
    <th scope="row">{{ $label }}</th>
    <td>
        <input class="form-control" form="adjust-{{ $id }}" name="amount"
            aria-label="Amount at {{ $label }}"
            value="{{ $adds?->amount === null ? '' : Core\Pricing\Adjustment::again($adds->amount->amount) }}"
            autocomplete="off" @readonly(!$canEdit)>
    </td>
    <td>
        <input class="form-control" form="adjust-{{ $id }}" name="percent"
            aria-label="Percent at {{ $label }}"
            value="{{ $adds?->percent === null ? '' : Core\Pricing\Adjustment::again($adds->percent) }}"
            autocomplete="off" @readonly(!$canEdit)>
    </td>
    <td class="number">
        {{ $range === '' ? '–' : $range }}
        <form id="adjust-{{ $id }}" data-act="{{ route('prices.adjust', [$product, $id]) }}" data-at-once>
        </form>
    </td>
</tr>
