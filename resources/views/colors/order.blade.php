<form class="line-form" data-act="{{ $action }}" data-at-once>
    <input type="hidden" name="axis" value="{{ $axis->id }}">
    <label class="visually-hidden" for="colors-order">{{ __('colors.order_the_values') }}</label>
    <select class="form-select" id="colors-order" name="by">
        <option value="">{{ __('colors.order') }}</option>
        @foreach ($orders as $order)
            <option value="{{ $order->value }}">{{ $order->inWords() }}</option>
        @endforeach
    </select>
</form>
