{{-- What becomes of codes: those that are not free with what to use instead, those that change, those that were typed. --}}
@props(['plan'])
@foreach (array_slice($plan->planned->clashes, 0, 20) as $clash)
    <label id="code-{{ $loop->index }}" class="code-clash"><span>{{ $clash->inWords() }}</span>
        <input class="form-control" name="codes[{{ $clash->wanted }}]" value="{{ $clash->proposal }}" maxlength="64"
            autocomplete="off" aria-label="Code in place of {{ $clash->wanted }}"></label>
@endforeach
@if (count($plan->planned->clashes) > 20)
    <p>And {{ number_format(count($plan->planned->clashes) - 20) }} more that are not free: another pattern may tell
        them apart.</p>
@endif
@foreach ($plan->planned->chosen as $wanted => $code)
    <label class="code-clash"><span>In place of {{ $wanted }}</span>
        <input class="form-control" name="codes[{{ $wanted }}]" value="{{ $code }}" maxlength="64"
            autocomplete="off"></label>
@endforeach
@if ($plan->moves !== [])
    <div class="code-moves">
        <table class="plain">
            <thead>
                <tr>
                    <th scope="col">SKU</th>
                    <th scope="col">Now</th>
                    <th scope="col">Then</th>
                </tr>
            </thead>
            <tbody>
                @foreach (array_slice($plan->moves, 0, 100) as $move)
                    <tr>
                        <th scope="row">{{ $move->place }}</th>
                        <td><code>{{ $move->sku->code }}</code></td>
                        <td><code>{{ $move->to }}</code></td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    </div>
    @if (count($plan->moves) > 100)
        <p class="quiet">And {{ number_format(count($plan->moves) - 100) }} more.</p>
    @endif
@endif
@if ($plan->locked !== [])
    <p class="quiet">Typed, and left alone:
        {{ implode(', ', array_map(fn($sku) => $sku->code, array_slice($plan->locked, 0, 12))) }}{{ count($plan->locked) > 12 ? ' …' : '' }}
    </p>
@endif
