{{-- The picture with the mark of its focus, and what it gives in every shape. --}}
<div class="crop-parts">
    <div class="crop-picture" data-crop-picture>
        <svg viewBox="0 0 {{ $width }} {{ $height }}" preserveAspectRatio="xMidYMid meet" role="group"
            aria-label="{{ $label }}">
            <image href="{{ $picture }}" width="{{ $width }}" height="{{ $height }}"
                preserveAspectRatio="none" />
            <path class="outside" fill-rule="evenodd" d="{{ $outside() }}" />
            <g class="focus-mark" data-focus tabindex="0" role="slider" aria-label="{{ __('parts.focus') }}"
                aria-valuetext="{{ $focusInWords() }}" aria-valuenow="{{ $focusAcross() }}"
                transform="{{ $mark() }}">
                <circle r="13" />
                <circle r="3" />
                <path d="M-20 0h12M8 0h12M0-20v12M0 8v12" />
            </g>
        </svg>
    </div>
    <div class="crop-shapes">
        @foreach ($shapes as $shape)
            <figure class="is-{{ $shape->value }}"><svg viewBox="{{ $viewBox($shape) }}" role="img"
                    aria-label="{{ $shape->inWords() }}">
                    <image href="{{ $picture }}" width="{{ $width }}" height="{{ $height }}"
                        preserveAspectRatio="none" />
                </svg>
                <figcaption>{{ $shape->inWords() }}</figcaption>
            </figure>
        @endforeach
    </div>
</div>
<div class="crop-fields">
    @foreach ($fields() as $field)
        <div class="field"><label for="crop-{{ $field['name'] }}">{{ $field['label'] }}</label><input
                class="form-control" type="number" min="{{ $field['least'] }}" max="100" step="0.1"
                id="crop-{{ $field['name'] }}" name="crop[{{ $field['name'] }}]" value="{{ $field['value'] }}"></div>
    @endforeach
</div>
