@php($lists = $library->shotLists())
@php($views = $library->views())
@php($names = $views->pluck('name', 'key'))
@php($products = $library->productsByShotList())
@php($pictures = $library->picturesByView())
<div data-library data-version="{{ $library->library->version }}" data-url="{{ route('library.shots') }}">
    <p class="quiet">A shot list says which views a kind of product needs, and in which order. Coverage, the shooting
        list and “Follow the shot list” go by it.</p>
    <table class="plain library-shots">
        <thead>
            <tr>
                <th scope="col">Shot list</th>
                <th scope="col">Views in order</th>
                <th scope="col" class="number">Products</th>
                <th scope="col"><span class="visually-hidden">Change</span></th>
            </tr>
        </thead>
        <tbody>
            @forelse ($lists as $list)
                <tr>
                    <td class="name">{{ $list->name }}</td>
                    <td><span class="run">
                            @foreach ($list->views as $key)
                                <span
                                    @class(['is-wanted' => !in_array($key, $list->required, true)])>{{ $names[$key] ?? $key }}@unless (in_array($key, $list->required, true))
                                    <small> wanted</small>
                                @endunless
                            </span>
                        @endforeach
                    </span>
                </td>
                <td class="number">{{ number_format($products[$list->id] ?? 0) }}</td>
                <td>
                    @can('edit')
                        <button type="button" class="btn btn-plain"
                            data-dialog="{{ route('library.shot-list', $list) }}">Change…<span class="visually-hidden">
                                {{ $list->name }}</span></button>
                    @endcan
                </td>
            </tr>
            @empty
                <tr>
                    <td colspan="4" class="quiet">No shot list yet.</td>
                </tr>
            @endforelse
        </tbody>
    </table>
    @can('edit')
        <p><button type="button" class="btn btn-plain" data-dialog="{{ route('library.shot-lists.new') }}"><x-icon
                    name="plus" /> Another shot list…</button></p>
    @endcan
    <h2>Views</h2>
    <p class="quiet">What pictures can show, and by which words names of files say so.</p>
    <table class="plain library-shots">
        <thead>
            <tr>
                <th scope="col">View</th>
                <th scope="col">It shows</th>
                <th scope="col">Words in file names</th>
                <th scope="col" class="number">Pictures</th>
                <th scope="col"><span class="visually-hidden">Change</span></th>
            </tr>
        </thead>
        <tbody>
            @foreach ($views as $view)
                <tr>
                    <td class="name">{{ $view->toCore()->label() }}</td>
                    <td>{{ $view->showing->inWords() }}</td>
                    <td>{{ implode(', ', $view->words) }}@if ($view->loose_words !== [])
                            <span class="quiet"> · perhaps: {{ implode(', ', $view->loose_words) }}</span>
                        @endif
                    </td>
                    <td class="number">{{ number_format($pictures[$view->key] ?? 0) }}</td>
                    <td>
                        @can('edit')
                            <button type="button" class="btn btn-plain"
                                data-dialog="{{ route('library.view', $view) }}">Change…<span class="visually-hidden">
                                    {{ $view->name }}</span></button>
                        @endcan
                    </td>
                </tr>
            @endforeach
        </tbody>
    </table>
    @can('edit')
        <p><button type="button" class="btn btn-plain" data-dialog="{{ route('library.views.new') }}"><x-icon
                    name="plus" /> Another view…</button></p>
    @endcan
    @if ($library->taughtWords() !== [])
        <h2>Words that were taught</h2>
        <p class="quiet">What else words in names of files mean. A word for a value is kept with the value.</p>
        <table class="plain library-shots">
            <thead>
                <tr>
                    <th scope="col">Word</th>
                    <th scope="col">It means</th>
                    <th scope="col">Where</th>
                    <th scope="col"><span class="visually-hidden">Forget</span></th>
                </tr>
            </thead>
            <tbody>
                @foreach ($library->taughtWords() as $word)
                    <tr>
                        <td class="name">{{ $word->word }}</td>
                        <td>{{ $word->view === null ? 'nothing' : 'the view ' . ($names[$word->view] ?? $word->view) }}
                        </td>
                        <td>{{ $word->sender === '' ? 'everywhere' : 'in what ' . $word->sender . ' sends' }}</td>
                        <td>
                            @can('edit')
                                <form data-act="{{ route('library.taught.forget', $word->id) }}">
                                    <button class="btn btn-quiet">Forget<span class="visually-hidden">
                                            {{ $word->word }}</span></button>
                                </form>
                            @endcan
                        </td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    @endif
</div>
