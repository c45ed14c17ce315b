{{-- What becomes of prices: each once, with how many SKUs have it. --}}
@props(['plan'])
<table class="plain">
    <thead>
        <tr>
            <th scope="col" class="number">Now</th>
            <th scope="col" class="number">Then</th>
            <th scope="col" class="number">SKUs</th>
        </tr>
    </thead>
    <tbody>
        @foreach (array_slice($plan->moves, 0, 60) as $move)
            <tr>
                <td class="number">{{ $move->from?->shown() ?? 'none' }}</td>
                <td class="number">{{ $move->isSame() ? 'the same' : $move->to?->shown() ?? 'none' }}</td>
                <td class="number">{{ number_format($move->count) }}</td>
            </tr>
        @endforeach
    </tbody>
</table>
@if (count($plan->moves) > 60)
    <p class="quiet">And {{ number_format(count($plan->moves) - 60) }} more prices.</p>
@endif
@if ($plan->without > 0)
    <p class="quiet">{{ number_format($plan->without) }}
        {{ $plan->without === 1 ? 'SKU has' : 'SKUs have' }} no price, and will have none.</p>
@endif
