@can('edit')
    <p class="quiet">{{ __('details.with_the_same_axes_values_left', ['matrix' => $screen->arithmetic()]) }}</p>
    <x-new-product :label="__('details.another_product_like_this')" :like="$product->code" />
@endcan
<h2>{{ __('details.take_it_out') }}</h2>
<p><a class="btn btn-plain" href="{{ route('product.sheet', $product) }}"><x-icon name="download" />
        {{ __('details.flat_sheet_csv') }}</a> <a class="btn btn-plain" href="{{ route('json-ld', $product) }}"><x-icon
            name="download" /> {{ __('details.json_ld') }}</a></p>
