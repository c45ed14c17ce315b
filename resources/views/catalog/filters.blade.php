<form class="catalog-filters" method="get" action="{{ route($page->place) }}" role="search"
    hx-get="{{ route($page->place) }}" hx-target="#catalog-list"
    hx-trigger="input delay:200ms from:#search, change, submit" hx-sync="this:replace">
    <div class="field wide"><label for="search">Search</label><input class="form-control" type="search" id="search"
            name="q" value="{{ $page->asked->search }}" placeholder="Name, code, SKU, GTIN or file name"
            autocomplete="off"></div>
    @foreach ([
        'state' => ['Pictures', array_column(Core\Product\Completeness::cases(), null, 'value')],
        'stock' => ['Stock', array_column(Core\Product\StockState::cases(), null, 'value')],
    ] as $facet => [$label, $cases])
        <div class="field"><label for="by-{{ $facet }}">{{ $label }}</label>
            <select class="form-select" id="by-{{ $facet }}" name="{{ $facet }}">
                <option value="">any</option>
                @foreach ($cases as $value => $case)
                    @if (($page->totals[$facet][$value] ?? 0) > 0 || ($page->asked->filters[$facet] ?? '') === $value)
                        <option value="{{ $value }}" @selected(($page->asked->filters[$facet] ?? '') === $value)>{{ $case->inWords() }}
                            ({{ number_format($page->totals[$facet][$value] ?? 0) }})
                        </option>
                    @endif
                @endforeach
            </select>
        </div>
    @endforeach
    <div class="field"><label for="by-category">Category</label>
        <select class="form-select" id="by-category" name="category">
            <option value="">any</option>
            @foreach ($page->totals['category'] ?? [] as $value => $count)
                @if ($value !== '')
                    <option value="{{ $value }}" @selected(($page->asked->filters['category'] ?? '') === (string) $value)>
                        {{ str_replace(' > ', ' › ', $value) }} ({{ number_format($count) }})</option>
                @endif
            @endforeach
        </select>
    </div>
    @if (($page->totals['lacks'] ?? []) !== [])
        <div class="field"><label for="by-lacks">View missing</label>
            <select class="form-select" id="by-lacks" name="lacks">
                <option value="">any or none</option>
                @foreach (app(App\Store\Library\ViewShelf::class)->views()->all as $view)
                    @if (($page->totals['lacks'][$view->key] ?? 0) > 0)
                        <option value="{{ $view->key }}" @selected(($page->asked->filters['lacks'] ?? '') === $view->key)>{{ $view->name }}
                            ({{ number_format($page->totals['lacks'][$view->key]) }})
                        </option>
                    @endif
                @endforeach
            </select>
        </div>
    @endif
    <div class="flags">
        <label><input type="checkbox" class="form-check-input" name="tray" value="some"
                @checked(isset($page->asked->filters['tray']))> pictures not linked
            ({{ number_format($page->totals['tray']['some'] ?? 0) }})</label>
        <label><input type="checkbox" class="form-check-input" name="price" value="none"
                @checked(isset($page->asked->filters['price']))> SKUs without a price
            ({{ number_format($page->totals['price']['none'] ?? 0) }})</label>
    </div>
    @if ($page->sort() !== null)
        <input type="hidden" name="sort" value="{{ $page->sort() }}">
    @endif
    <noscript><button class="btn btn-plain">Show</button></noscript>
</form>
