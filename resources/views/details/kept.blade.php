<input type="hidden" id="version" name="version" value="{{ $product->version }}" hx-swap-oob="true">
<x-kept :of="$product" :swap="true"/>
