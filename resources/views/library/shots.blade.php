@php($lists = $library->shotLists())
@php($views = $library->views())
@php($names = $views->pluck('name', 'key'))
@php($products = $library->productsByShotList())
@php($pictures = $library->picturesByView())
<div data-library data-version="{{ $library->library->version }}" data-url="{{ route('library.shots') }}">
    <p class="quiet">A shot list says which views a kind of product needs, and in which order. Coverage, the shooting list and “Follow the shot list” go by it.</p>
    <table class="plain library-shots">
        <thead><tr><th scope="col">Shot list</th><th scope="col">Views in order</th><th scope="col" class="number">Products</th><th scope="col"><span class="visually-hidden">Change</span></th></tr></thead>
        <tbody>
        @forelse ($lists as $list)
            <tr>
                <td class="name">{{ $list->name }}</td>
                <td><span class="run">@foreach ($list->views as $key)<span @class(['is-wanted' => ! in_array($key, $list->required, true)])>{{ $names[$key] ?? $key }}@unless (in_array($key, $list->required, true))<small> wanted</small>@endunless</span>@endforeach</span></td>
                <td class="number">{{ number_format($products[$list->id] ?? 0) }}</td>
                <td>@can('edit')<button type="button" class="btn btn-plain" data-dialog="{{ route('library.shot-list', $list) }}">Change…<span class="visually-hidden"> {{ $list->name }}</span></button>@endcan</td>
            </tr>
        @empty
            <tr><td colspan="4" class="quiet">No shot list yet.</td></tr>
        @endforelse
        </tbody>
    </table>
    @can('edit')<p><button type="button" class="btn btn-plain" data-dialog="{{ route('library.shot-lists.new') }}"><x-icon name="plus"/> Another shot list…</button></p>@endcan
    <h2>Views</h2>
    <p class="quiet">What pictures can show, and by which words names of files say so.</p>
    <table class="plain library-shots">
        <thead><tr><th scope="col">View</th><th scope="col">It shows</th><th scope="col">Words in file names</th><th scope="col" class="number">Pictures</th><th scope="col"><span class="visually-hidden">Change</span></th></tr></thead>
        <tbody>
        @foreach ($views as $view)
            <tr>
                <td class="name">{{ $view->toCore()->label() }}</td>
                <td>{{ $view->showing->inWords() }}</td>
                <td>{{ implode(', ', $view->words) }}@if ($view->loose_words !== [])<span class="quiet"> · perhaps: {{ implode(', ', $view->loose_words) }}</span>@endif</td>
                <td class="number">{{ number_format($pictures[$view->key] ?? 0) }}</td>
                <td>@can('edit')<button type="button" class="btn btn-plain" data-dialog="{{ route('library.view', $view) }}">Change…<span class="visually-hidden"> {{ $view->name }}</span></button>@endcan</td>
            </tr>
        @endforeach
        </tbody>
    </table>
    @can('edit')<p><button type="button" class="btn btn-plain" data-dialog="{{ route('library.views.new') }}"><x-icon name="plus"/> Another view…</button></p>@endcan
</div>
