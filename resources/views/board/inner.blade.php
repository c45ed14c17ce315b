<div class="board" data-board data-version="{{ $product->version }}" data-selected="{{ $tray->selected }}"
    data-lens="{{ $board->lens->value }}" @if ($board->lens->isOfNumbers()) data-figures @endif
    data-counting="{{ $loaded->core->book->counting->value }}" data-layer="{{ $board->layerToken() }}"
    data-can-edit="{{ $canEdit ? '1' : '0' }}" data-url="{{ route('board.fragment', $product) }}"
    data-tray="{{ route('board.tray', $product) }}" data-changes="{{ route('photos.receive', $product) }}/CHANGE"
    data-upload="{{ route('photos.receive', $product) }}"
    data-most="{{ json_encode(['picture' => config('slate.photos.most_bytes'), 'bytes' => config('slate.uploads.most_bytes'), 'files' => config('slate.uploads.most_files')]) }}"
    data-order="{{ route('values.order', $product) }}" data-fold="{{ route('layout.fold', $product) }}"
    data-setup="{{ route('setup', $product) }}" data-block="{{ route('skus.block', $product) }}">
    <div class="head">
        <div>
            <h1>{{ $product->name }}</h1>
            <p><b>{{ $product->code }}</b>
                @if ($product->category !== '')
                    · @path($product->category)
                @endif
                ·
                <b>{{ $board->countInWords() }}</b>
                @if ($board->coverage !== null)
                    @say('board.required_views_percent_there', ['percent' => $board->coverage->percent()])
                @endif
            </p>
        </div>
        <x-product-views :product="$product" current="board" />
    </div>
    @include('board.axes')
    <section class="sheet" aria-label="{{ __('board.matrix') }}">
        <div class="lensbar">
            <div class="lenses" role="group" aria-label="{{ __('board.what_the_cells_show') }}">
                @foreach ($board->lenses() as $lens)
                    <button type="button" class="lens" data-lens-choice="{{ $lens->value }}"
                        aria-pressed="{{ $lens->value === $board->lens->value ? 'true' : 'false' }}">{{ $lens->label() }}</button>
                @endforeach
            </div>
            @include('board.editor')
            <span class="spacer"></span>
            @if ($loaded->core->matrix->axes !== [])
                <div class="find">
                    <label class="visually-hidden" for="find">{{ __('board.select_by_name') }}</label>
                    <input class="form-control" id="find" autocomplete="off"
                        placeholder="{{ __('board.select_example', ['example' => $board->example()]) }}"
                        title="{{ __('board.type_names_of_values_or_a') }}">
                    <details class="menu" id="like-this">
                        <summary class="btn btn-plain" title="{{ __('board.select_what_is_like_the_cell') }}">
                            {{ __('board.like_this') }}</summary>
                        <div role="group" aria-label="{{ __('board.select_what_is_like_the_cell') }}">
                            @foreach ($loaded->core->matrix->axes as $axis)
                                <button type="button"
                                    data-like="{{ $axis->id }}">{{ __('board.same_axis', ['axis' => $axis->name]) }}</button>
                            @endforeach
                            @if ($board->lens->lacking() !== '')
                                <button type="button" data-like="lacking">{{ $board->lens->lacking() }}</button>
                            @endif
                            <button type="button" data-like="state">{{ __('board.same_state') }}</button>
                            <button type="button"
                                data-like="shown">{{ __('board.same_one', ['one' => $board->lens->one()]) }}</button>
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
