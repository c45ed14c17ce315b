<form class="catalog-filters" method="get" action="{{ route($page->place) }}" role="search"
    hx-get="{{ route($page->place) }}" hx-target="#catalog-list"
    hx-trigger="input delay:200ms from:#search, change, submit" hx-sync="this:replace">
    <div class="field wide"><label for="search">{{ __('catalog.search') }}</label><input class="form-control"
            type="search" id="search" name="q" value="{{ $page->asked->search }}"
            placeholder="{{ __('catalog.name_code_sku_gtin_or_file') }}" autocomplete="off"></div>
    @foreach (['state', 'stock'] as $facet)
        <div class="field"><label for="by-{{ $facet }}">{{ __("catalog.by_{$facet}") }}</label>
            <select class="form-select" id="by-{{ $facet }}" name="{{ $facet }}">
                <option value="">{{ __('catalog.any') }}</option>
                @foreach ($page->options($facet) as $option)
                    <option value="{{ $option->value }}" @selected($option->isChosen)>{{ $option->label }}
                        (@number($option->products))
                    </option>
                @endforeach
            </select>
        </div>
    @endforeach
    <div class="field"><label for="by-category">{{ __('catalog.category') }}</label>
        <select class="form-select" id="by-category" name="category">
            <option value="">{{ __('catalog.any') }}</option>
            @foreach ($page->options('category') as $option)
                <option value="{{ $option->value }}" @selected($option->isChosen)>
                    {{ $option->label }} (@number($option->products))</option>
            @endforeach
        </select>
    </div>
    @if ($page->options('lacks') !== [])
        <div class="field"><label for="by-lacks">{{ __('catalog.view_missing') }}</label>
            <select class="form-select" id="by-lacks" name="lacks">
                <option value="">{{ __('catalog.any_or_none') }}</option>
                @foreach ($page->options('lacks') as $option)
                    <option value="{{ $option->value }}" @selected($option->isChosen)>{{ $option->label }}
                        (@number($option->products))
                    </option>
                @endforeach
            </select>
        </div>
    @endif
    <div class="flags">
        <label><input type="checkbox" class="form-check-input" name="tray" value="some"
                @checked(isset($page->asked->filters['tray']))>
            {{ __('catalog.pictures_not_linked_totals', ['totals' => $page->total('tray', 'some')]) }}</label>
        <label><input type="checkbox" class="form-check-input" name="price" value="none"
                @checked(isset($page->asked->filters['price']))>
            {{ __('catalog.skus_without_a_price_totals', ['totals' => $page->total('price', 'none')]) }}</label>
    </div>
    @if ($page->sort() !== null)
        <input type="hidden" name="sort" value="{{ $page->sort() }}">
    @endif
    <noscript><button class="btn btn-plain">{{ __('catalog.show') }}</button></noscript>
</form>
