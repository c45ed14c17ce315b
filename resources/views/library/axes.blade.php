<div data-library data-version="{{ $library->library->version }}" data-url="{{ route('library') }}">
    @php($products = $library->productsByAxis())
    <table class="plain library-axes">
        <thead>
            <tr>
                <th scope="col">Axis</th>
                <th scope="col">Kind</th>
                <th scope="col">Shoppers see</th>
                <th scope="col">In pictures</th>
                <th scope="col">Values</th>
                <th scope="col">Size runs</th>
                <th scope="col" class="number">Products</th>
            </tr>
        </thead>
        <tbody>
            @forelse ($library->axes() as $axis)
                <tr>
                    <td><a class="name" href="{{ route('library.axis', $axis) }}">{{ $axis->name }}</a></td>
                    <td>{{ ['size' => 'Sizes', 'color' => 'Colors', 'other' => 'Other'][$axis->kind->value] }}</td>
                    <td>{{ $axis->display->value }}</td>
                    <td>{{ $axis->changes_picture ? 'look different' : 'look the same' }}</td>
                    <td class="values">{{ $axis->values->take(14)->pluck('name')->implode(', ') }}@if ($axis->values->count() > 14)
                            <span class="quiet">and {{ $axis->values->count() - 14 }} more</span>
                        @endif
                    </td>
                    <td>{{ $axis->runs->pluck('name')->implode(', ') }}</td>
                    <td class="number">{{ number_format($products[$axis->id] ?? 0) }}</td>
                </tr>
                @empty
                    <tr>
                        <td colspan="7" class="quiet">No axis yet. Whatever is typed on a product’s board comes to stand
                            here; or add one below.</td>
                    </tr>
                @endforelse
            </tbody>
        </table>
        @can('edit')
            <form class="library-form" data-act="{{ route('library.axes.create') }}">
                <h2>Another axis</h2>
                <div class="line">@include('library.axis-fields', ['axis' => null])<button class="btn btn-primary">Add</button></div>
            </form>
        @endcan
    </div>
