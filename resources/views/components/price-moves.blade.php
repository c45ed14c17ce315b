<table class="plain">
    <thead>
        <tr>
            <th scope="col" class="number">{{ __('parts.now') }}</th>
            <th scope="col" class="number">{{ __('parts.then') }}</th>
            <th scope="col" class="number">{{ __('parts.skus') }}</th>
        </tr>
    </thead>
    <tbody>
        @foreach ($moves->shown as $move)
            <tr>
                <td class="number">{{ $move->from?->shown() ?? __('parts.none') }}</td>
                <td class="number">{{ $move->isSame() ? __('parts.the_same') : $move->to?->shown() ?? __('parts.none') }}
                </td>
                <td class="number">@number($move->count)</td>
            </tr>
        @endforeach
    </tbody>
</table>
@if ($moves->more > 0)
    <p class="quiet">{{ __('parts.and_moves_more_prices', ['moves' => $moves->more]) }}</p>
@endif
@if ($without > 0)
    <p class="quiet">{{ trans_choice('parts.without_sku_has_no_price_and', $without, ['without' => $without]) }}</p>
@endif
