<div class="rows-own" data-page="rows" data-version="{{ $product->version }}"
    data-url="{{ $screen->address($screen->table->from) }}">
    <div class="rows-bar">
        <p class="quiet">{{ __('rows.hint') }}</p>
        @include('rows.columns', ['table' => $screen->table])
        @if ($canEdit && $screen->canAdd)
            <button type="button" class="btn btn-plain"
                data-rows-new="{{ route('rows.new', $product) }}">{{ __('rows.add') }}</button>
        @endif
        @if ($canEdit && $screen->hasSkus)
            <button type="button" class="btn btn-plain"
                data-dialog="{{ route('rows.axes', $product) }}">{{ __('rows.axes') }}</button>
        @endif
    </div>
    @if ($screen->table->rows === [])
        <p class="empty">{{ __('rows.none') }}</p>
    @else
        @include('rows.table', [
            'table' => $screen->table,
            'type' => route('rows.type', [$product, 'from' => $screen->table->from]),
            'plan' => $screen->canAdd ? route('rows.plan', $product) : null,
        ])
    @endif
    <nav class="pages" aria-label="{{ __('rows.pages') }}">
        @if ($screen->table->hasEarlier())
            <a class="btn btn-plain" rel="prev"
                href="{{ $screen->address($screen->table->earlier()) }}">{{ __('rows.earlier') }}</a>
        @endif
        @if ($screen->table->hasLater())
            <a class="btn btn-plain" rel="next"
                href="{{ $screen->address($screen->table->later()) }}">{{ __('rows.later') }}</a>
        @endif
    </nav>
</div>
