@php($batch = $screen->batch)
<div
    @if ($batch->state->isAtWork()) hx-get="{{ route('batch', ['batch' => $batch->id, 'state' => request()->query('state')]) }}" hx-trigger="every 2s" hx-target="#batch" hx-swap="morph:innerHTML" @endif>
    <p class="batch-line" role="status"><b>{{ ucfirst($batch->state->inWords()) }}</b> ·
        {{ number_format($screen->through()) }} of {{ number_format($screen->total()) }} products ·
        {{ $batch->user->name }}, {{ $batch->at('j M H:i') }} ·
        {{ $screen->took() }}{{ $batch->is_whole ? ' · all or nothing' : '' }}</p>
    <progress class="batch-progress" max="{{ max(1, $screen->total()) }}" value="{{ $screen->through() }}"
        aria-label="Products it is through with">{{ $screen->through() }}</progress>
    @if ($screen->deeds() !== [])
        <div class="batch-deeds">
            @foreach ($screen->deeds() as $way => $label)
                <form method="post" action="{{ route('batch.steer', ['batch' => $batch->id, 'way' => $way]) }}">
                    <x-once /><button class="btn btn-plain">{{ $label }}</button>
                </form>
            @endforeach
        </div>
    @endif
    <nav class="batch-states" aria-label="Products by what became of them">
        @foreach ($screen->states() as $state)
            <a href="{{ route('batch', ['batch' => $batch->id, 'state' => $state->value]) }}"
                @if ($state === $screen->shown) aria-current="true" @endif>{{ ucfirst($state->inWords()) }}
                <b>{{ number_format($screen->count($state)) }}</b></a>
        @endforeach
    </nav>
    @if ($screen->products() === [])
        <p class="empty">No product is {{ $screen->shown->inWords() }}.</p>
    @else
        <table class="plain">
            <thead>
                <tr>
                    <th scope="col">Product</th>
                    <th scope="col">Code</th>
                    @if ($screen->saysWhy())
                        <th scope="col">Why</th>
                    @endif
                </tr>
            </thead>
            <tbody>
                @foreach ($screen->products() as $product)
                    <tr>
                        <td><a class="name" href="{{ route('board', $product->code) }}">{{ $product->name }}</a>
                        </td>
                        <td>{{ $product->code }}</td>
                        @if ($screen->saysWhy())
                            <td>{{ $product->why }}</td>
                        @endif
                    </tr>
                @endforeach
            </tbody>
        </table>
        @if ($screen->next() !== null)
            <nav class="pages" aria-label="Pages"><a class="btn btn-plain"
                    href="{{ route('batch', ['batch' => $batch->id, 'state' => $screen->shown->value, 'after' => $screen->next()]) }}"
                    rel="next">Later</a></nav>
        @endif
    @endif
</div>
