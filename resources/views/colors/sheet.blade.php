@extends('layout.app')
@section('title', 'Swatches of ' . $title)
@section('content')
    <div class="page swatch-sheet">
        <div class="sheet-head">
            <h1>{{ $title }} <small>{{ $screen->axis()->name }} · {{ $note }}</small></h1>
            <p class="not-printed"><a class="btn btn-plain" href="{{ $svg }}">SVG</a> <a class="btn btn-plain"
                    href="{{ $png }}">PNG</a> <button type="button" class="btn btn-primary"
                    data-do="print">Print</button></p>
        </div>
        <ul>
            @foreach ($screen->rows() as $row)
                <li><x-swatch class="swatch-sheet-chip" :swatch="$row->swatch" />
                    <div><b>{{ $row->value->label }}</b> <code>{{ $row->value->code }}</code>
                        @if ($row->swatch === null)
                            <p class="quiet">no swatch</p>
                        @else
                            @foreach ($row->swatch->colors as $color)
                                @php($lab = Core\Color\Lab::of($color))<p><code>{{ $color->hex() }}</code> <span>Lab
                                        {{ number_format($lab->lightness, 1) }}, {{ number_format($lab->a, 1) }},
                                        {{ number_format($lab->b, 1) }}</span></p>
                                @endforeach @if ($row->swatch->tile !== null)
                                    <p class="quiet">{{ $row->swatch->tile->value }}</p>
                                @endif
                            @endif
                    </div>
                </li>
            @endforeach
        </ul>
        <p class="quiet">Lab under D65, 2° observer. Screens and printers differ: hold it against the cloth.</p>
    </div>
@endsection
