<div class="sheet-head">
    <div>
        <h1>{{ $screen->package->name }}</h1>
        <p class="quiet">{{ $screen->origin() }}</p>
    </div>
</div>
@if ($screen->failure() !== '')
    <p class="notice is-bad" role="alert">{{ $screen->failure() }}</p>
@endif
@if ($screen->isAtWork())
    <div class="sheet-work" hx-get="{{ request()->fullUrl() }}" hx-trigger="every 1s" hx-target="#sheet"
        hx-swap="morph:innerHTML">
        <p role="status">{{ $screen->progressInWords() }}</p>
        <progress class="batch-progress" max="{{ $screen->total() }}" value="{{ $screen->through() }}"
            aria-label="{{ __('packages.progress') }}">{{ $screen->through() }}</progress>
    </div>
@endif
<div class="sheet-bar">
    <x-sheet-sums :$screen :label="__('packages.by_verdict')" />
    @if ($canEdit && $screen->isReady())
        <div class="sheet-deeds">
            <form method="post" action="{{ route('package.look', $screen->package) }}">
                <x-once /><button class="btn btn-plain"
                    title="{{ __('packages.look_hint') }}">{{ __('packages.look') }}</button>
            </form>
            @if ($screen->canImport())
                <form method="post" action="{{ route('package.import', $screen->package) }}">
                    <x-once /><button class="btn btn-primary">{{ $screen->importInWords() }}</button>
                </form>
            @endif
        </div>
    @endif
</div>
@if ($screen->remarks() !== [] || $screen->lastBatch() !== null)
    <ul class="sheet-remarks">
        @foreach ($screen->remarks() as $remark)
            <li>{{ $remark }}</li>
        @endforeach
        @if ($screen->lastBatch() !== null)
            <li><a href="{{ route('batch', $screen->lastBatch()) }}">{{ __('packages.to_the_import') }}</a></li>
        @endif
    </ul>
@endif
@if ($screen->products() === [])
    <p class="empty">{{ $screen->isAtWork() ? __('packages.not_yet') : __('packages.no_products') }}</p>
@else
    <table class="plain sheet-rows">
        <thead>
            <tr>
                <th scope="col">{{ __('sheets.verdict') }}</th>
                <th scope="col">{{ __('sheets.product') }}</th>
                <th scope="col">{{ __('sheets.what_and_why') }}</th>
            </tr>
        </thead>
        <tbody>
            @foreach ($screen->products() as $product)
                <tr class="is-{{ $product->verdict?->value }}">
                    <td><span class="sheet-verdict">{{ $screen->verdictInWords($product) }}</span></td>
                    <td><span class="code">{{ $product->code }}</span>
                        @if ($screen->board($product) !== null)
                            <a href="{{ $screen->board($product) }}">{{ $product->name }}</a>
                        @else
                            {{ $product->name }}
                        @endif
                    </td>
                    <td>{{ $product->words }}</td>
                </tr>
            @endforeach
        </tbody>
    </table>
    @if ($screen->nextAddress() !== null)
        <nav class="pages" aria-label="{{ __('batches.pages') }}"><a class="btn btn-plain"
                href="{{ $screen->nextAddress() }}" rel="next">{{ __('packages.later_products') }}</a></nav>
    @endif
@endif
