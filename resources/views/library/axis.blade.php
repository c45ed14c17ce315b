@php($usedBy = $library->usedBy($axis))
@php($axis->load('values'))
@php($products = $library->productsByValue($axis))
<div data-library data-version="{{ $library->library->version }}" data-url="{{ route('library.axis', $axis) }}">
    <h2>{{ $axis->name }} <small
            class="quiet">{{ $usedBy === '' ? 'no product uses it' : 'used by ' . $usedBy }}</small>
        @if ($axis->kind === Core\Matrix\AxisKind::Color || $axis->display->hasSwatches())
            <a class="btn btn-plain" href="{{ route('library.colors', $axis) }}">Colors and their map</a>
        @endif
    </h2>
    @can('edit')
        <form class="library-form" data-act="{{ route('library.axis.edit', $axis) }}">
            <div class="line">@include('library.axis-fields')
                <div class="field"><label for="axis-translations">In other languages</label>
                    <textarea class="form-control" id="axis-translations" name="translations" rows="1" placeholder="de: Farbe">{{ Core\Text\Translations::of($axis->translations)->typed() }}</textarea>
                </div>
                <button class="btn btn-primary">Keep</button>
            </div>
            @if ($usedBy !== '')
                <p class="hint">Keeping a change here changes it for {{ $usedBy }}.</p>
            @endif
        </form>
    @endcan
    @php($lacking = $library->lacking($axis))
    @if ($lacking !== [])
        <div class="notice lacking">
            <p>{{ count($lacking) === count($axis->values) ? 'No value has a' : count($lacking) . ' of ' . count($axis->values) . ' values have no' }}
                {{ $axis->display === Core\Matrix\AxisDisplay::PictureSwatches ? 'picture swatch' : 'swatch' }}:
                {{ implode(', ', array_slice($lacking, 0, 12)) }}{{ count($lacking) > 12 ? ' …' : '' }}. Shoppers see
                {{ count($lacking) === 1 ? 'its name' : 'their names' }} alone.</p>
            @can('edit')
                <form data-act="{{ route('library.colors.fill', [$axis, 'part' => 'axis']) }}"><button
                        class="btn btn-primary">Fill {{ count($lacking) === 1 ? 'the gap' : 'all gaps' }} from Lead
                        pictures</button></form>
            @endcan
        </div>
    @endif
    <table class="plain library-values">
        <thead>
            <tr>
                <th scope="col">Order</th>
                <th scope="col">Value</th>
                <th scope="col">Code</th>
                <th scope="col">Other words</th>
                <th scope="col">In other languages</th>
                <th scope="col" class="number">Products</th>
                <th scope="col"><span class="visually-hidden">Change</span></th>
            </tr>
        </thead>
        <tbody data-orders="{{ route('library.values.order', $axis) }}">
            @foreach ($axis->values as $value)
                <tr data-value="{{ $value->id }}" id="library-value-{{ $value->id }}">
                    <td class="order">
                        @can('edit')
                            <button type="button" class="btn-quiet" data-step="earlier"
                                @disabled($loop->first)><x-icon name="arrow-up" /><span
                                    class="visually-hidden">{{ $value->name }} earlier</span></button><button
                                type="button" class="btn-quiet" data-step="later" @disabled($loop->last)><x-icon
                                    name="arrow-down" /><span class="visually-hidden">{{ $value->name }}
                                    later</span></button>
                        @endcan
                    </td>
                    <td class="name">
                        @if ($axis->kind === Core\Matrix\AxisKind::Color || $value->swatch !== null || $axis->display->hasSwatches())
                            <x-swatch :swatch="$value->look()" />
                        @endif {{ $value->name }}
                    </td>
                    <td><code>{{ $value->code }}</code></td>
                    <td>{{ implode(', ', $value->synonyms) }}</td>
                    <td>
                        @foreach ($value->translations as $tag => $name)
                            <span class="translation"><small>{{ $tag }}</small> {{ $name }}</span>
                        @endforeach
                    </td>
                    <td class="number">{{ number_format($products[$value->id] ?? 0) }}</td>
                    <td>
                        @can('edit')
                            @if ($axis->kind === Core\Matrix\AxisKind::Color || $value->swatch !== null || $axis->display->hasSwatches())
                                <button type="button" class="btn btn-plain"
                                    data-dialog="{{ route('library.swatch', [$value, 'part' => 'axis']) }}"
                                    data-verb="POST">Swatch…<span class="visually-hidden"> of
                                        {{ $value->name }}</span></button>
                            @endif
                            <button type="button" class="btn btn-plain"
                                data-dialog="{{ route('library.value', $value) }}">
                                Change…<span class="visually-hidden"> {{ $value->name }}</span></button>
                        @endcan
                    </td>
                </tr>
            @endforeach
        </tbody>
    </table>
    @can('edit')
        <form class="library-form" data-act="{{ route('library.values.add', $axis) }}">
            <div class="line">
                <div class="field wide"><label for="library-values">More values</label><input class="form-control"
                        id="library-values" name="values" placeholder="Type or paste, with commas between"
                        autocomplete="off"></div><button class="btn btn-primary">Add</button>
            </div>
        </form>
        @if ($usedBy === '')
            <form data-act="{{ route('library.axis.remove', $axis) }}"><button class="btn btn-plain">Remove this
                    axis</button></form>
        @endif
    @endcan
</div>
