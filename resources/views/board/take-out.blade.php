<form method="post" action="{{ route('take-out', $product) }}" class="separate">
    <x-once />
    <input type="hidden" name="selected" value="{{ $selected }}">
    <h2 id="dialog-title">{{ trans_choice('combine.take_out_title', count($items), ['count' => count($items)]) }}</h2>
    <p>{{ __('combine.take_out_about', ['name' => $product->name]) }}</p>
    <ul>
        @foreach ($items as $item)
            <li><span class="code">{{ $item->state->details->code }}</span> {{ $item->state->details->name }}</li>
        @endforeach
    </ul>
    <div class="buttons">
        <button type="button" class="btn btn-plain" data-do="close">{{ __('board.cancel') }}</button>
        <button class="btn btn-primary">{{ __('combine.take_out') }}</button>
    </div>
</form>
