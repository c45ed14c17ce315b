@php($usedBy = $library->usedBy($axis))
@php($axis->load('values'))
@php($products = $library->productsByValue($axis))
<div data-library data-version="{{ $library->library->version }}" data-url="{{ route('library.axis', $axis) }}">
    <h2>{{ $axis->name }} <small class="quiet">{{ $usedBy === '' ? 'no product uses it' : 'used by '.$usedBy }}</small></h2>
    @can('edit')
        <form class="library-form" data-act="{{ route('library.axis.edit', $axis) }}">
            <div class="line">@include('library.axis-fields')
                <div class="field"><label for="axis-translations">In other languages</label><textarea class="form-control" id="axis-translations" name="translations" rows="1" placeholder="de: Farbe">{{ Core\Text\Translations::of($axis->translations)->typed() }}</textarea></div>
                <button class="btn btn-primary">Keep</button></div>
            @if ($usedBy !== '')<p class="hint">Keeping a change here changes it for {{ $usedBy }}.</p>@endif
        </form>
    @endcan
    <table class="plain library-values">
        <thead><tr><th scope="col">Order</th><th scope="col">Value</th><th scope="col">Code</th><th scope="col">Other words</th><th scope="col">In other languages</th><th scope="col" class="number">Products</th><th scope="col"><span class="visually-hidden">Change</span></th></tr></thead>
        <tbody data-orders="{{ route('library.values.order', $axis) }}">
        @foreach ($axis->values as $value)
            <tr data-value="{{ $value->id }}" id="library-value-{{ $value->id }}">
                <td class="order">@can('edit')<button type="button" class="btn-quiet" data-step="earlier" @disabled($loop->first)><x-icon name="arrow-up"/><span class="visually-hidden">{{ $value->name }} earlier</span></button><button type="button" class="btn-quiet" data-step="later" @disabled($loop->last)><x-icon name="arrow-down"/><span class="visually-hidden">{{ $value->name }} later</span></button>@endcan</td>
                <td class="name">@if ($axis->kind === Core\Matrix\AxisKind::Color || $value->swatch !== null)<x-swatch :swatch="$value->swatch"/>@endif {{ $value->name }}</td>
                <td><code>{{ $value->code }}</code></td>
                <td>{{ implode(', ', $value->synonyms) }}</td>
                <td>@foreach ($value->translations as $tag => $name)<span class="translation"><small>{{ $tag }}</small> {{ $name }}</span> @endforeach</td>
                <td class="number">{{ number_format($products[$value->id] ?? 0) }}</td>
                <td>@can('edit')<button type="button" class="btn btn-plain" data-dialog="{{ route('library.value', $value) }}">Change…<span class="visually-hidden"> {{ $value->name }}</span></button>@endcan</td>
            </tr>
        @endforeach
        </tbody>
    </table>
    @can('edit')
        <form class="library-form" data-act="{{ route('library.values.add', $axis) }}"><div class="line"><div class="field wide"><label for="library-values">More values</label><input class="form-control" id="library-values" name="values" placeholder="Type or paste, with commas between" autocomplete="off"></div><button class="btn btn-primary">Add</button></div></form>
        @if ($usedBy === '')<form data-act="{{ route('library.axis.remove', $axis) }}"><button class="btn btn-plain">Remove this axis</button></form>@endif
    @endcan
</div>
