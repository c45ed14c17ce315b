@include("{$productPage->value}.inner")
<x-kept :of="$product" :swap="true" />
