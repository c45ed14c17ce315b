<div data-page="coverage" data-version="{{ $product->version }}" data-url="{{ route('coverage', $product) }}"
    data-upload="{{ route('photos.receive', $product) }}"
    data-most="{{ json_encode(['picture' => config('slate.photos.most_bytes'), 'bytes' => config('slate.uploads.most_bytes'), 'files' => config('slate.uploads.most_files')]) }}"
    data-can-edit="{{ $canEdit ? '1' : '' }}">
    <p class="coverage-sum" role="status">{{ $screen->summary() }}</p>
    @if ($screen->rows() !== [])
        <p class="coverage-tools">
            <x-cover-key />
            <span class="spacer"></span>
            @if ($loaded->core->matrix->axes !== [])
                <span class="quiet">{{ __('coverage.pictures_differ_by', ['axes' => $screen->pictureAxes()]) }}</span>
                @can('edit')
                    <button type="button" class="btn btn-plain" data-dialog="{{ route('picture-axes.plan', $product) }}"
                        data-verb="POST">{{ __('coverage.change') }}</button>
                @endcan
            @endif
            <a class="btn btn-plain"
                href="{{ route('cards', ['product' => $product, 'which' => 'missing']) }}">{{ __('cards.slate_cards') }}</a>
            <a class="btn btn-plain"
                href="{{ route('shooting-list', ['product' => $product->code]) }}">{{ __('coverage.shooting_list') }}</a>
        </p>
        <div class="coverage-scroll">
            <table class="coverage-map">
                <thead>
                    <tr>
                        <th scope="col" class="number">{{ __('coverage.skus') }}</th>
                        @foreach ($screen->shots() as $shot)
                            <th scope="col" @class(['is-own' => $shot->reason !== ''])>
                                @can('edit')
                                    <button type="button" class="btn-quiet"
                                        data-dialog="{{ route('coverage.hole', $product) }}" data-verb="POST"
                                        data-with="{{ json_encode(['onto' => '*', 'view' => $shot->view->key]) }}"
                                        title="{{ $shot->reason !== '' ? $shot->reason : __('coverage.is_it_needed_of_this_product') }}">{{ $shot->view->label() }}</button>@else{{ $shot->view->label() }}
                                @endcan
                                <small>{{ $shot->need->value }}</small>
                            </th>
                        @endforeach
                    </tr>
                </thead>
                <tbody>
                    @foreach ($screen->rows() as $row)
                        <tr>
                            <th scope="row"><x-part-link :product="$product" :names="$screen->names" :part="$row->combination" />
                                <small>@number($row->skus)</small>
                            </th>
                            @foreach ($row->cells as $cell)
                                <td
                                    @if ($cell->isHole()) data-hole data-onto="{{ $screen->names->selected($row->combination) }}" data-view="{{ $cell->shot->view->key }}" data-words="{{ $screen->names->label($row->combination) }}, {{ $cell->shot->view->name }}" data-skus="{{ $cell->lacking }}" @endif>
                                    @if ($cell->isHole() && $canEdit)
                                        <button type="button" class="cover"
                                            data-dialog="{{ route('coverage.hole', $product) }}" data-verb="POST"
                                            data-with="{{ json_encode(['onto' => $screen->names->selected($row->combination), 'view' => $cell->shot->view->key]) }}"
                                            aria-label="{{ $screen->cellInWords($row, $cell) }}"
                                            title="{{ $screen->cellInWords($row, $cell) }}"><x-cover-mark
                                                :cell="$cell" /></button>
                                    @else
                                        <a class="cover"
                                            href="{{ route('board', ['product' => $product, 'selected' => $screen->names->selected($row->combination)]) }}"
                                            aria-label="{{ $screen->cellInWords($row, $cell) }}"
                                            title="{{ $screen->cellInWords($row, $cell) }}"><x-cover-mark
                                                :cell="$cell" :thumb="$screen->thumb($cell)" /></a>
                                    @endif
                                </td>
                            @endforeach
                        </tr>
                    @endforeach
                </tbody>
            </table>
        </div>
        @can('edit')
            <p class="quiet">{{ __('coverage.drop_a_picture_on_a_place') }}</p>
        @endcan
    @endif
</div>
