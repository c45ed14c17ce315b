@php($part = fn (int $thousandths): string => rtrim(rtrim(number_format($thousandths / 10, 1), '0'), '.'))
<form class="replans crop" id="crop" data-replans="dialog" data-plan="{{ route('photo.crop.plan', [$product, $row->id()]) }}" data-act="{{ route('photo.crop', [$product, $row->id()]) }}">
    <h2 id="dialog-title">Focus and crop of {{ $row->file() }}</h2>
    <p class="quiet">The focus stays in view whatever the shape; what lies outside of the frame is never shown. Drag the mark, or use the arrow keys on it.</p>
    <div class="crop-parts">
        <div class="crop-picture" data-crop-picture>
            <svg viewBox="0 0 {{ $row->width }} {{ $row->height }}" preserveAspectRatio="xMidYMid meet" role="group" aria-label="{{ $row->file() }}">
                <image href="{{ $picture }}" width="{{ $row->width }}" height="{{ $row->height }}" preserveAspectRatio="none"/>
                <path class="outside" fill-rule="evenodd" d="M0 0H{{ $row->width }}V{{ $row->height }}H0ZM{{ $crop->left * $row->width / 1000 }} {{ $crop->top * $row->height / 1000 }}h{{ $crop->width * $row->width / 1000 }}v{{ $crop->height * $row->height / 1000 }}h-{{ $crop->width * $row->width / 1000 }}Z"/>
                <g class="focus-mark" data-focus tabindex="0" role="slider" aria-label="Focus" aria-valuetext="{{ $part($crop->x) }} % across, {{ $part($crop->y) }} % down" aria-valuenow="{{ $part($crop->x) }}" transform="translate({{ $crop->x * $row->width / 1000 }} {{ $crop->y * $row->height / 1000 }}) scale({{ max($row->width, $row->height) / 400 }})"><circle r="13"/><circle r="3"/><path d="M-20 0h12M8 0h12M0-20v12M0 8v12"/></g>
            </svg>
        </div>
        <div class="crop-shapes">
            @foreach (Core\Gallery\Shape::cases() as $shape)
                @php($cut = $crop->cut($shape, $row->width, $row->height))
                <figure class="is-{{ $shape->value }}"><svg viewBox="{{ $cut->left }} {{ $cut->top }} {{ $cut->width }} {{ $cut->height }}" role="img" aria-label="{{ $shape->inWords() }}"><image href="{{ $picture }}" width="{{ $row->width }}" height="{{ $row->height }}" preserveAspectRatio="none"/></svg><figcaption>{{ $shape->inWords() }}</figcaption></figure>
            @endforeach
        </div>
    </div>
    <div class="crop-fields">
        @foreach (['x' => ['Focus across', $crop->x], 'y' => ['Focus down', $crop->y], 'left' => ['Frame from left', $crop->left], 'top' => ['Frame from top', $crop->top], 'width' => ['Frame width', $crop->width], 'height' => ['Frame height', $crop->height]] as $name => [$label, $value])
            <div class="field"><label for="crop-{{ $name }}">{{ $label }}, %</label><input class="form-control" type="number" min="{{ in_array($name, ['width', 'height'], true) ? 5 : 0 }}" max="100" step="0.1" id="crop-{{ $name }}" name="crop[{{ $name }}]" value="{{ $part($value) }}"></div>
        @endforeach
    </div>
    <div class="buttons"><button type="button" class="btn btn-plain" data-crop-middle @disabled($crop->isMiddle())>Middle of all of it</button><button type="button" class="btn btn-plain" data-do="close">Cancel</button><button class="btn btn-primary">Keep</button></div>
</form>
