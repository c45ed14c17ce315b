@can('edit')
    <p class="quiet">With the same axes, values, left-out rules, opening values, shot list and code pattern:
        {{ Core\Matrix\Arithmetic::of($loaded->core->matrix)->inWords() }}. SKUs get codes of their own; pictures, prices,
        stock and details stay here.</p>
    <x-new-product label="Another product like this" :like="$product->code" />
@endcan
<h2>Take it out</h2>
<p><a class="btn btn-plain" href="{{ route('sheet', $product) }}"><x-icon name="download" /> Flat sheet (CSV)</a> <a
        class="btn btn-plain" href="{{ route('json-ld', $product) }}"><x-icon name="download" /> JSON-LD</a></p>
