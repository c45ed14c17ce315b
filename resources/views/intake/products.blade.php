@if ($hits === [])
    <p class="quiet">
        {{ __('intake.no_product_is_called_so') }}</p>
@else
    <div class="hits">
        @foreach ($hits as $hit)
            <button type="button" class="btn btn-plain" data-intake-product="{{ $hit->product }}">{{ $hit->label }}
                <span class="quiet">{{ $hit->note }}</span></button>
        @endforeach
    </div>
@endif
