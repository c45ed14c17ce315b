@php($columns = [['Product', 'name', ''], ['Colors', '', ''], ['Sizes', '', ''], ['SKUs', 'skus', 'number'], ['Pictures', 'pictures', 'number'], ['Views complete', 'coverage', ''], ['Price', 'price', 'number'], ['Stock', 'stock', 'number'], ['Changed', 'changed', 'number']])
<p class="catalog-count" role="status">
    {{ $page->countInWords() . ($page->list->meant === null ? '' : '.') }}
    @if ($page->list->meant !== null)
        No product has “{{ $page->asked->search }}”; shown is <b>{{ $page->list->meant }}</b>
        @endif{{ '' }}@if ($page->waiting > 0)
            <span class="quiet"> · {{ number_format($page->waiting) }} still being counted</span>
            @endif @can('edit')@if ($page->rows !== [])
                <a class="change-all" href="{{ $page->bulkAddress() }}">Change all of these</a>
            @endif @endcan
</p>
@if ($page->rows === [])
    <p class="empty">
        {{ $page->all() === 0 ? 'There is no product yet. Make one with New product; its sizes and colors come next. Or drop pictures into the intake first.' : 'No product is like this. Take back a filter, or search for the beginning of a name, a code, a SKU, a GTIN or a file name.' }}
    </p>
@else
    <div class="catalog">
        <table class="plain">
            <thead>
                <tr>
                    <th scope="col"><span class="visually-hidden">Card picture</span></th>
                    <x-sorted-heads :page="$page" :columns="$columns" />
                </tr>
            </thead>
            <tbody>
                @foreach ($page->rows as $row)
                    <tr>
                        <td>
                            @if ($row->card === null)
                            <span class="no-card">no picture</span>@else<img src="{{ $row->card }}"
                                    alt="{{ $row->cardText }}" width="52" height="52" loading="lazy">
                            @endif
                        </td>
                        <td><a class="name" href="{{ route('board', $row->code) }}">{{ $row->name }}</a><br><span
                                class="quiet">{{ $row->code }}{{ $row->category === '' ? '' : ' · ' . str_replace(' > ', ' › ', $row->category) }}</span>
                        </td>
                        <td><span class="colors">
                                @foreach ($row->shownColors() as $color)
                                    <span title="{{ $color->label }}"><x-swatch :swatch="$color->swatch" /><span
                                            class="visually-hidden">{{ $color->label }}</span></span>
                                    @endforeach @if ($row->moreColors() > 0)
                                        <small class="quiet">{{ $row->moreColors() }} more</small>
                                    @endif
                            </span>
                        </td>
                        <td>{{ $row->sizes }}</td>
                        <td class="number">{{ number_format($row->skus) }}@if ($row->skus !== $row->cells)
                                <br><span class="quiet">of
                                    {{ number_format($row->cells) }}{{ $row->leftOut > 0 ? ', ' . $row->leftOut . ' left out' : '' }}</span>
                            @endif
                        </td>
                        <td class="number">{{ $row->pictures }}@if ($row->unlinked > 0)
                                <br><span class="warns">{{ $row->unlinked }} not linked</span>
                            @endif
                        </td>
                        <td>
                            @if ($row->percent === null)
                            <span class="quiet">no shot list</span>@else<svg class="bar" viewBox="0 0 100 5"
                                    preserveAspectRatio="none" aria-hidden="true">
                                    <rect class="fill" width="{{ $row->percent }}" height="5" />
                                </svg>{{ $row->percent }} %
                            @endif
                        </td>
                        <td class="number">{{ $row->prices }}</td>
                        <td class="number">
                            @if ($row->skus > 0 && $row->notCounted === $row->skus)
                                <span class="quiet">not counted</span>@else{{ number_format($row->units) }}
                                @if ($row->notCounted > 0)
                                    <br><span class="quiet">{{ number_format($row->notCounted) }} not counted</span>
                                @endif
                            @endif
                        </td>
                        <td class="number">{{ $row->changed }}</td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    </div>
    <x-list-pages :page="$page" />
@endif
