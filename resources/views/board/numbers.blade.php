{{-- The answer to a change of numbers: the cells that it was about, and the sums; everything else on the board is as it was. --}}
<div data-numbers data-version="{{ $version }}">
    <table>
        <tbody>
            <tr>
                @foreach ($cells as $cell)
                    <td data-cell="{{ $cell->key }}" aria-label="{{ $cell->label() }}"
                        class="{{ $cell->classes($lens) }}">{{ $cell }}</td>
                @endforeach
            </tr>
        </tbody>
    </table>
    @foreach ($sums as $what => $sum)
        <span data-sum="{{ $what }}">{{ $sum }}</span>
    @endforeach
</div>
<x-kept :of="$product" :after="$entry" :swap="true" />
