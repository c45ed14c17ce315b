<div class="board" data-board data-version="{{ $product->version }}" data-selected="{{ $tray->selection->token }}" data-lens="{{ $board->lens->value }}" data-layer="{{ $board->layerToken() }}"
    data-can-edit="{{ auth()->user()->can('edit') ? '1' : '0' }}" data-url="{{ route('board.fragment', $product) }}" data-tray="{{ route('board.tray', $product) }}"
    data-changes="{{ route('photos.receive', $product) }}/CHANGE" data-upload="{{ route('photos.receive', $product) }}" data-order="{{ route('values.order', $product) }}" data-setup="{{ route('setup', $product) }}">
    <div class="head">
        <div>
            <h1>{{ $product->name }}</h1>
            <p><b>{{ $product->code }}</b>{{ $product->category === '' ? '' : ' · '.str_replace(' > ', ' › ', $product->category) }} · <b>{{ $board->countInWords() }}</b>@if ($board->coverage !== null) · views <b>{{ $board->coverage->percent() }} %</b> complete @endif</p>
        </div>
        <x-product-views :product="$product" current="board"/>
    </div>
    <div class="axes">
        @foreach ($loaded->matrix->axes as $axis)
            <div class="axis">
                <span class="name">{{ $axis->name }}<label><span class="visually-hidden">Where {{ $axis->name }} runs</span><select class="place-of" data-place="{{ $axis->id }}" data-url="{{ route('layout', $product) }}" id="place-{{ $axis->id }}">@foreach ($board->layout->places() as $place)<option @selected($board->layout->place($axis) === $place)>{{ $place }}</option>@endforeach</select></label></span>
                <ul class="chips" data-axis="{{ $axis->id }}" aria-label="Values of {{ $axis->name }}">
                    @foreach ($axis->values as $value)
                        <li class="chip" id="value-{{ $value->id }}" data-value="{{ $value->id }}">
                            @can('edit')
                                <button type="button" class="label" data-dialog="{{ route('value', [$product, $value->id]) }}" title="Change {{ $value->label }}">@if ($axis->kind === Core\Matrix\AxisKind::Color)<x-swatch :swatch="$loaded->swatches[$value->id]"/>@endif{{ $value->label }}@if (($loaded->openings[$axis->id] ?? 0) === $value->id)<small title="Shoppers find it chosen">opens</small>@endif</button>
                                <button type="button" class="btn-quiet drop" data-dialog="{{ route('setup', $product) }}" data-with="{{ json_encode(['without' => $value->id]) }}" title="Remove {{ $value->label }}…"><x-icon name="x"/><span class="visually-hidden">Remove {{ $value->label }}…</span></button>
                            @else
                                <span class="label">@if ($axis->kind === Core\Matrix\AxisKind::Color)<x-swatch :swatch="$loaded->swatches[$value->id]"/>@endif{{ $value->label }}</span>
                            @endcan
                        </li>
                    @endforeach
                </ul>
                @can('edit')
                    <label class="visually-hidden" for="add-{{ $axis->id }}">Add to {{ $axis->name }}</label>
                    <input class="form-control add-values" id="add-{{ $axis->id }}" data-add-values data-axis="{{ $axis->id }}" placeholder="add, then Enter" autocomplete="off">
                @endcan
                @if ($loop->first)
                    <span class="sum">{{ $board->arithmetic->inWords() }}</span>
                    @can('edit')<button type="button" class="btn btn-plain" data-dialog="{{ route('setup', $product) }}">Change axes…</button>@endcan
                @endif
            </div>
        @endforeach
        @if ($loaded->matrix->axes === [] && auth()->user()->can('edit'))
            <div class="axis"><span class="name">Axes</span><button type="button" class="btn btn-primary" data-dialog="{{ route('setup', $product) }}">Choose axes: size, color, style…</button></div>
        @endif
    </div>
    <section class="sheet" aria-label="Matrix">
        <div class="lensbar">
            <div class="lenses" role="group" aria-label="What the cells show">
                @foreach (App\Http\Lens::cases() as $lens)
                    <button type="button" class="lens" data-lens-choice="{{ $lens->value }}" aria-pressed="{{ $lens === $board->lens ? 'true' : 'false' }}">{{ $lens->label() }}</button>
                @endforeach
            </div>
            @include('board.editor')
            <span class="spacer"></span>
            @if ($loaded->matrix->axes !== [])
                <div class="find">
                    <label class="visually-hidden" for="find">Select by name</label>
                    <input class="form-control" id="find" autocomplete="off" placeholder="Select: {{ $board->example() }}" title="Type names of values, or a SKU’s code, then Enter">
                    <details class="menu" id="like-this">
                        <summary class="btn btn-plain" title="Select what is like the cell in focus">Like this</summary>
                        <div role="group" aria-label="Select what is like the cell in focus">
                            @foreach ($loaded->matrix->axes as $axis)<button type="button" data-like="{{ $axis->id }}">Same {{ $axis->name }}</button>@endforeach
                            <button type="button" data-like="state">Same state</button>
                            <button type="button" data-like="shown">Same {{ ['photos' => 'Lead', 'codes' => 'code', 'prices' => 'price', 'stock' => 'stock'][$board->lens->value] }}</button>
                        </div>
                    </details>
                </div>
            @endif
        </div>
        @if ($board->layout->layers !== [])
            <div class="layerbar">
            @foreach ($board->layout->layers as $axis)
                <div><span class="layer-name">{{ $axis->name }}</span><div class="layers" role="group" aria-label="Layers: {{ $axis->name }}">
                    <button type="button" data-layer-choice="{{ $board->layerWith($axis, 0) }}" aria-pressed="{{ isset($board->layers[$axis->id]) ? 'false' : 'true' }}">All</button>
                    @foreach ($axis->values as $value)
                        <button type="button" data-layer-choice="{{ $board->layerWith($axis, $value->id) }}" aria-pressed="{{ ($board->layers[$axis->id] ?? 0) === $value->id ? 'true' : 'false' }}">{{ $value->label }}</button>
                    @endforeach
                </div></div>
            @endforeach
            </div>
        @endif
        <div class="matrix-scroll" id="matrix-scroll" tabindex="-1">@include('board.matrix')</div>
    </section>
    @include('board.tray')
    @include('board.foot', ['swap' => false])
</div>
