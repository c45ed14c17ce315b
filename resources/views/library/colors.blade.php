@php($lacking = $screen->lacking())
<div class="colors" data-library data-version="{{ $library->library->version }}" data-eyes="{{ $screen->eyes?->value }}"
    data-url="{{ route('library.colors', $axis) }}" data-can-edit="{{ auth()->user()->can('edit') ? '1' : '' }}">
    <div class="colors-tools">
        <h2>Colors of {{ $axis->name }}</h2> <a class="btn btn-plain" href="{{ route('library.axis', $axis) }}">Its
            values</a>
        <span class="quiet">Shoppers choose by {{ $screen->axis()->display->inWords() }}</span>
        @can('edit')@if ($lacking !== [])
            <form data-act="{{ route('library.colors.fill', $axis) }}"><button class="btn btn-primary">Fill
                    {{ count($lacking) === 1 ? 'the gap' : 'all ' . count($lacking) . ' gaps' }} from Lead
                    pictures</button>
            </form>
        @endif @endcan
        <span class="spacer"></span>
        @can('edit')
            @include('colors.order', [
                'action' => route('library.colors.order', $axis),
                'axis' => $screen->axis(),
            ])
        @endcan
        <a class="btn btn-plain" href="{{ route('library.colors.sheet', $axis) }}">Swatch sheet</a>
    </div>
    @if ($screen->tried !== null || $typed !== '' || auth()->user()->can('edit'))
        <div class="colors-try">
            <form method="get" action="{{ route('library.colors', $axis) }}" class="line-form"><label
                    for="colors-try">A color you think of</label><input class="form-control" id="colors-try"
                    name="try" value="{{ $typed }}" placeholder="navy, #24304f, oklch(…)" maxlength="100"
                    autocomplete="off"
                    @if ($problem !== '') aria-invalid="true" aria-describedby="colors-try-problem" @endif><button
                    class="btn btn-plain">See it beside the others</button></form>
            @if ($problem !== '')
                <p class="problem" id="colors-try-problem" role="alert">{{ $problem }}</p>
            @endif
            @if ($screen->tried !== null)
                <p role="status"><x-swatch class="swatch-large" :swatch="$screen->tried->swatch" />
                    <code>{{ $screen->tried->swatch->hex() }}</code> is nearest to
                    {{ implode(', ', array_map(fn($near) => $screen->axis()->value($near->valueId)?->label . ' (ΔE00 ' . number_format($near->distance, 1) . ')', $screen->tried->near)) ?: 'nothing yet' }}.
                </p>
                @can('edit')
                    <form class="line-form" data-act="{{ route('library.colors.add', $axis) }}"><input type="hidden"
                            name="kind" value="colors"><input type="hidden" name="colors[0]"
                            value="{{ $screen->tried->swatch->hex() }}"><label for="colors-new">Add it as</label><input
                            class="form-control" id="colors-new" name="name" value="{{ $screen->tried->name }}"
                            maxlength="80" required autocomplete="off"><button class="btn btn-primary">Add</button></form>
                @endcan
            @endif
        </div>
    @endif
    <p class="colors-sum" role="status">{{ $screen->summary() }}</p>
    @include('colors.map', [
        'axis' => $screen->axis(),
        'move' => fn($valueId) => route('library.swatch.move', $valueId),
        'open' => fn($valueId) => route('library.swatch', $valueId),
        'page' => 'library.colors',
        'here' => ['axis' => $axis->id],
    ])
</div>
