<div class="rows-own" data-page="rows" data-url="{{ $screen->address() }}">
    <div class="rows-bar">
        <p class="quiet">{{ __('rows.hint') }}</p>
        @include('rows.columns', ['table' => $screen->table])
        @if ($canEdit)
            <button type="button" class="btn btn-plain" data-do="undo"
                data-url="{{ $screen->address(null, 'catalog.rows.back', way: 'undo') }}" @disabled($screen->undo === '')
                title="{{ $screen->undo === '' ? __('rows.nothing_to_undo') : __('rows.undo', ['words' => $screen->undo]) }}">{{ __('parts.undo') }}</button>
            <button type="button" class="btn btn-plain" data-do="redo"
                data-url="{{ $screen->address(null, 'catalog.rows.back', way: 'redo') }}" @disabled($screen->redo === '')
                title="{{ $screen->redo === '' ? __('rows.nothing_to_undo') : __('rows.redo', ['words' => $screen->redo]) }}">{{ __('parts.redo') }}</button>
        @endif
    </div>
    @if ($screen->table->rows === [])
        <p class="empty">{{ __('rows.none') }}</p>
    @else
        @include('rows.table', [
            'table' => $screen->table,
            'type' => $screen->address(null, 'catalog.rows.type'),
        ])
    @endif
    @if ($screen->hasMore())
        <p class="quiet">{{ __('rows.more') }}</p>
    @endif
    <nav class="pages" aria-label="{{ __('rows.pages') }}">
        @if ($screen->earlier() !== null)
            <a class="btn btn-plain" rel="prev"
                href="{{ $screen->earlier() }}">{{ __('rows.earlier_products') }}</a>
        @endif
        @if ($screen->later() !== null)
            <a class="btn btn-plain" rel="next" href="{{ $screen->later() }}">{{ __('rows.later_products') }}</a>
        @endif
    </nav>
</div>
