@props(['crop', 'picture', 'width', 'height', 'label', 'shapes' => Core\Gallery\Shape::ofChannels()])
@php($part = fn(int $thousandths): string => rtrim(rtrim(number_format($thousandths / 10, 1), '0'), '.'))
{{-- The picture with the mark of its focus, and what it gives in every shape. --}}
<div class="crop-parts">
    <div class="crop-picture" data-crop-picture>
        <svg viewBox="0 0 {{ $width }} {{ $height }}" preserveAspectRatio="xMidYMid meet" role="group"
            aria-label="{{ $label }}">
            <image href="{{ $picture }}" width="{{ $width }}" height="{{ $height }}"
                preserveAspectRatio="none" />
            <path class="outside" fill-rule="evenodd"
                d="M0 0H{{ $width }}V{{ $height }}H0ZM{{ ($crop->left * $width) / 1000 }} {{ ($crop->top * $height) / 1000 }}h{{ ($crop->width * $width) / 1000 }}v{{ ($crop->height * $height) / 1000 }}h-{{ ($crop->width * $width) / 1000 }}Z" />
            <g class="focus-mark" data-focus tabindex="0" role="slider" aria-label="Focus"
                aria-valuetext="{{ $part($crop->x) }} % across, {{ $part($crop->y) }} % down"
                aria-valuenow="{{ $part($crop->x) }}"
                transform="translate({{ ($crop->x * $width) / 1000 }} {{ ($crop->y * $height) / 1000 }}) scale({{ max($width, $height) / 400 }})">
                <circle r="13" />
                <circle r="3" />
                <path d="M-20 0h12M8 0h12M0-20v12M0 8v12" />
            </g>
        </svg>
    </div>
    <div class="crop-shapes">
        @foreach ($shapes as $shape)
            @php($cut = $crop->cut($shape, $width, $height))
            <figure class="is-{{ $shape->value }}"><svg
                    viewBox="{{ $cut->left }} {{ $cut->top }} {{ $cut->width }} {{ $cut->height }}"
                    role="img" aria-label="{{ $shape->inWords() }}">
                    <image href="{{ $picture }}" width="{{ $width }}" height="{{ $height }}"
                        preserveAspectRatio="none" />
                </svg>
                <figcaption>{{ $shape->inWords() }}</figcaption>
            </figure>
        @endforeach
    </div>
</div>
<div class="crop-fields">
    @foreach (['x' => ['Focus across', $crop->x], 'y' => ['Focus down', $crop->y], 'left' => ['Frame from left', $crop->left], 'top' => ['Frame from top', $crop->top], 'width' => ['Frame width', $crop->width], 'height' => ['Frame height', $crop->height]] as $name => [$words, $value])
        <div class="field"><label for="crop-{{ $name }}">{{ $words }}, %</label><input
                class="form-control" type="number" min="{{ in_array($name, ['width', 'height'], true) ? 5 : 0 }}"
                max="100" step="0.1" id="crop-{{ $name }}" name="crop[{{ $name }}]"
                value="{{ $part($value) }}"></div>
    @endforeach
</div>
