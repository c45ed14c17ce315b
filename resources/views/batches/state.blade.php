<div
    @if ($screen->batch->state->isAtWork()) hx-get="{{ route('batch', ['batch' => $screen->batch->id, 'state' => request()->query('state')]) }}" hx-trigger="every 2s" hx-target="#batch" hx-swap="morph:innerHTML" @endif>
    <p class="batch-line" role="status">@say('batches.state_through_of_total_products_user', ['state' => $screen->stateInWords(), 'through' => $screen->through(), 'total' => $screen->total(), 'user' => $screen->batch->user->name, 'batch' => $screen->batch->at('j M H:i'), 'took' => $screen->took(), 'whole' => $screen->batch->is_whole ? __('batches.all_or_nothing_2') : ''])</p>
    <progress class="batch-progress" max="{{ $screen->total() ?: 1 }}" value="{{ $screen->through() }}"
        aria-label="{{ __('batches.products_it_is_through_with') }}">{{ $screen->through() }}</progress>
    @if ($screen->deeds() !== [])
        <div class="batch-deeds">
            @foreach ($screen->deeds() as $way => $label)
                <form method="post" action="{{ route('batch.steer', ['batch' => $screen->batch->id, 'way' => $way]) }}">
                    <x-once /><button class="btn btn-plain">{{ $label }}</button>
                </form>
            @endforeach
        </div>
    @endif
    <nav class="batch-states" aria-label="{{ __('batches.products_by_what_became_of_them') }}">
        @foreach ($screen->states() as $state)
            <a href="{{ route('batch', ['batch' => $screen->batch->id, 'state' => $state->value]) }}"
                @if ($state === $screen->shown) aria-current="true" @endif>{{ ucfirst($state->inWords()) }}
                <b>@number($screen->count($state))</b></a>
        @endforeach
    </nav>
    @if ($screen->products() === [])
        <p class="empty">{{ __('batches.no_product_is_n', ['n' => $screen->shown->inWords()]) }}</p>
    @else
        <table class="plain">
            <thead>
                <tr>
                    <th scope="col">{{ __('batches.product') }}</th>
                    <th scope="col">{{ __('batches.code') }}</th>
                    @if ($screen->saysWhy())
                        <th scope="col">{{ __('batches.why') }}</th>
                    @endif
                </tr>
            </thead>
            <tbody>
                @foreach ($screen->products() as $product)
                    <tr>
                        <td>
                            @if ($product->code === null)
                                {{ $product->name }}
                            @else
                                <a class="name" href="{{ route('board', $product->code) }}">{{ $product->name }}</a>
                            @endif
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
            <nav class="pages" aria-label="{{ __('batches.pages') }}"><a class="btn btn-plain"
                    href="{{ route('batch', ['batch' => $screen->batch->id, 'state' => $screen->shown->value, 'after' => $screen->next()]) }}"
                    rel="next">{{ __('batches.later') }}</a></nav>
        @endif
    @endif
</div>
