@php($views = $screen->views())
<p class="catalog-count" role="status">
    {{ $page->countInWords() . ($page->list->meant === null ? '' : '.') }}
    @if ($page->list->meant !== null)
        No product has “{{ $page->asked->search }}”; shown is <b>{{ $page->list->meant }}</b>
        @endif{{ '' }}@if ($page->waiting > 0)
            <span class="quiet"> · {{ number_format($page->waiting) }} still being counted</span>
        @endif <a class="change-all" href="{{ $page->shootingAddress() }}">Shooting list of these</a>
</p>
@if ($page->rows === [])
    <p class="empty">
        {{ $page->all() === 0 ? 'There is no product yet.' : 'No product is like this. Take back a filter.' }}</p>
@else
    <div class="catalog coverage-list">
        <table class="plain">
            <thead>
                <tr>
                    <x-sorted-heads :page="$page" :columns="[
                        ['Product', 'name', ''],
                        ['Complete', 'coverage', 'number'],
                        ['Missing', 'holes', 'number'],
                        ['SKUs touched', 'touched', 'number'],
                    ]" />
                    @foreach ($views as $view)
                        <th scope="col" class="view">{{ $view->label() }}</th>
                    @endforeach
                </tr>
            </thead>
            <tbody>
                @foreach ($page->rows as $row)
                    <tr>
                        <td><a class="name"
                                href="{{ route('coverage', $row->code) }}">{{ $row->name }}</a><br><span
                                class="quiet">{{ $row->code }} · {{ number_format($row->skus) }}
                                {{ $row->skus === 1 ? 'SKU' : 'SKUs' }}</span></td>
                        <td class="number">
                            @if ($row->percent === null)
                                <span class="quiet">no list</span>@else{{ $row->percent }} %
                            @endif
                        </td>
                        <td class="number">
                            @if ($row->holes > 0)
                            <b class="warns">{{ number_format($row->holes) }}</b>@else<span
                                    class="quiet">0</span>
                            @endif
                        </td>
                        <td class="number">{{ $row->touched === 0 ? '' : number_format($row->touched) }}</td>
                        @foreach ($views as $view)
                            @php($cell = $screen->cell($row, $view))
                            <td class="view">
                                @if ($cell === null)
                                    <span class="visually-hidden">not on its list</span>
                                @elseif ($cell->need === Core\Gallery\Coverage\Need::NotWanted)
                                    <span class="quiet" title="not wanted">–<span class="visually-hidden">not
                                        wanted</span></span>@else<a href="{{ route('coverage', $row->code) }}"
                                        title="{{ $view->label() }}, {{ $cell->inWords() }}"
                                        aria-label="{{ $row->name }}: {{ $view->name }}, {{ $cell->inWords() }}"><x-cover-bar
                                            :kept="$cell" /><span
                                            @class([
                                                'warns' =>
                                                    $cell->missing > 0 &&
                                                    $cell->need === Core\Gallery\Coverage\Need::Required,
                                            ])>{{ $cell->missing === 0 ? 'all' : $cell->parts() - $cell->missing . ' of ' . $cell->parts() }}</span></a>
                                @endif
                            </td>
                        @endforeach
                    </tr>
                @endforeach
            </tbody>
        </table>
    </div>
    <x-list-pages :page="$page" />
@endif
