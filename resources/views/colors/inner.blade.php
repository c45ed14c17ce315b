@if ($screen === null)
    <div data-page="colors" data-version="{{ $product->version }}" data-url="{{ route('colors', $product) }}">
        <p class="empty">Nothing of this product differs by color or pattern. Add such an axis on the board; then its
            swatches are made here.</p>
    </div>
@else
    @php($axis = $screen->axis())
    @php($lacking = $screen->lacking())
    @php($with = ['product' => $product, 'axis' => $axis->id])
    <div class="colors" data-page="colors" data-version="{{ $product->version }}" data-axis="{{ $axis->id }}"
        data-eyes="{{ $screen->eyes?->value }}" data-url="{{ route('colors', $product) }}"
        data-can-edit="{{ auth()->user()->can('edit') ? '1' : '' }}">
        @if (count($screen->axes()) > 1)
            <nav class="colors-axes" aria-label="Axes with colors">
                @foreach ($screen->axes() as $other)
                    <a href="{{ route('colors', ['product' => $product, 'axis' => $other->id]) }}"
                        @if ($other->id === $axis->id) aria-current="page" @endif>{{ $other->name }}</a>
                @endforeach
            </nav>
        @endif
        <div class="colors-tools">
            @can('edit')
                <form class="line-form" data-act="{{ route('colors.display', $product) }}" data-at-once>
                    <input type="hidden" name="axis" value="{{ $axis->id }}">
                    <label for="colors-display">Shoppers choose the {{ $axis->name }} by</label>
                    <select class="form-select" id="colors-display" name="display">
                        @foreach (Core\Matrix\AxisDisplay::cases() as $display)
                            <option value="{{ $display->value }}" @selected($axis->display === $display)>{{ $display->inWords() }}
                            </option>
                        @endforeach
                    </select>
                    <span
                        class="quiet">{{ $screen->ownDisplay() === null ? 'as the library says' : 'here, not as the library says' }}</span>
                </form>
                @if ($lacking !== [])
                    <form data-act="{{ route('colors.fill', $product) }}"><input type="hidden" name="axis"
                            value="{{ $axis->id }}"><button class="btn btn-primary"
                            title="{{ $axis->display === Core\Matrix\AxisDisplay::PictureSwatches ? 'Pieces of the cloth, for this product only' : 'Measured colors, for every product that has none' }}">Fill
                            {{ count($lacking) === 1 ? 'the gap' : 'all ' . count($lacking) . ' gaps' }} from Lead
                            pictures</button></form>
                @endif
            @else
                <p>Shoppers choose the {{ $axis->name }} by {{ $axis->display->inWords() }}.</p>
            @endcan
            <span class="spacer"></span>
            @can('edit')
                @if ($screen->proposals() !== [])
                    <button type="button" class="btn btn-plain" data-dialog="{{ route('colors.measured', $product) }}"
                        data-verb="POST" data-with="{{ json_encode(['axis' => $axis->id]) }}">Take measured
                        colors…</button>
                @endif
                @include('colors.order', ['action' => route('colors.order', $product)])
            @endcan
            <a class="btn btn-plain" href="{{ route('colors.sheet', $with) }}">Swatch sheet</a>
        </div>
        <p class="colors-sum" role="status">{{ $screen->summary() }}</p>
        @include('colors.map', [
            'move' => fn($valueId) => route('colors.swatch.move', [$product, $valueId]),
            'open' => fn($valueId) => route('colors.swatch', [$product, $valueId]),
            'page' => 'colors',
            'here' => $with,
        ])
    </div>
@endif
