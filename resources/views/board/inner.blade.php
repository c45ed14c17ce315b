<div class="board" data-board data-version="{{ $product->version }}" data-selected="{{ $tray->selected }}"
    data-lens="{{ $board->lens->value }}" @if ($board->lens->isOfNumbers()) data-figures @endif
    data-counting="{{ $loaded->core->book->counting->value }}" data-layer="{{ $board->layerToken() }}"
    data-can-edit="{{ auth()->user()->can('edit') ? '1' : '0' }}" data-url="{{ route('board.fragment', $product) }}"
    data-tray="{{ route('board.tray', $product) }}" data-changes="{{ route('photos.receive', $product) }}/CHANGE"
    data-upload="{{ route('photos.receive', $product) }}"
    data-most="{{ json_encode(['picture' => config('slate.photos.most_bytes'), 'bytes' => config('slate.uploads.most_bytes'), 'files' => config('slate.uploads.most_files')]) }}"
    data-order="{{ route('values.order', $product) }}" data-fold="{{ route('layout.fold', $product) }}"
    data-setup="{{ route('setup', $product) }}" data-block="{{ route('skus.block', $product) }}">
    <div class="head">
        <div>
            <h1>{{ $product->name }}</h1>
            <p><b>{{ $product->code }}</b>{{ $product->category === '' ? '' : ' · ' . str_replace(' > ', ' › ', $product->category) }}
                · <b>{{ $board->countInWords() }}</b>
                @if ($board->coverage !== null)
                    · required views
                    <b>{{ $board->coverage->percent() }} %</b> there
                @endif
            </p>
        </div>
        <x-product-views :product="$product" current="board" />
    </div>
    @include('board.axes')
    <section class="sheet" aria-label="Matrix">
        <div class="lensbar">
            <div class="lenses" role="group" aria-label="What the cells show">
                @foreach ($board->lenses() as $lens)
                    <button type="button" class="lens" data-lens-choice="{{ $lens->value }}"
                        aria-pressed="{{ $lens->value === $board->lens->value ? 'true' : 'false' }}">{{ $lens->label() }}</button>
                @endforeach
            </div>
            @include('board.editor')
            <span class="spacer"></span>
            @if ($loaded->core->matrix->axes !== [])
                <div class="find">
                    <label class="visually-hidden" for="find">Select by name</label>
                    <input class="form-control" id="find" autocomplete="off"
                        placeholder="Select: {{ $board->example() }}"
                        title="Type names of values, or a SKU’s code, then Enter">
                    <details class="menu" id="like-this">
                        <summary class="btn btn-plain" title="Select what is like the cell in focus">Like this</summary>
                        <div role="group" aria-label="Select what is like the cell in focus">
                            @foreach ($loaded->core->matrix->axes as $axis)
                                <button type="button" data-like="{{ $axis->id }}">Same
                                    {{ $axis->name }}</button>
                            @endforeach
                            @if ($board->lens->lacking() !== '')
                                <button type="button" data-like="lacking">{{ $board->lens->lacking() }}</button>
                            @endif
                            <button type="button" data-like="state">Same state</button>
                            <button type="button" data-like="shown">Same {{ $board->lens->one() }}</button>
                        </div>
                    </details>
                </div>
            @endif
        </div>
        <div class="matrix-scroll" id="matrix-scroll" tabindex="-1">@include('board.matrix')</div>
    </section>
    @include('board.tray')
    @include('board.foot', ['swap' => false])
</div>
