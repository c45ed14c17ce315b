<tr>
    <th scope="row">{{ $label }}</th>
    <td>
        <input class="form-control" form="adjust-{{ $id }}" name="amount"
            aria-label="{{ __('parts.amount_at_label', ['label' => $label]) }}" value="{{ $amount }}"
            autocomplete="off" @readonly(!$canEdit)>
    </td>
    <td>
        <input class="form-control" form="adjust-{{ $id }}" name="percent"
            aria-label="{{ __('parts.percent_at_label', ['label' => $label]) }}" value="{{ $percent }}"
            autocomplete="off" @readonly(!$canEdit)>
    </td>
    <td class="number">
        {{ $range === '' ? '–' : $range }}
        <form id="adjust-{{ $id }}" data-act="{{ route('prices.adjust', [$product, $id]) }}" data-at-once>
        </form>
    </td>
</tr>
