@extends('layout.app')
@section('title', __('colors.swatches_of', ['name' => $title]))
@section('content')
    <div class="page swatch-sheet">
        <div class="sheet-head">
            <h1>{{ $title }} <small>{{ $screen->axis()->name }} · {{ $note }}</small></h1>
            <p class="not-printed"><a class="btn btn-plain" href="{{ $svg }}">{{ __('colors.svg') }}</a> <a
                    class="btn btn-plain" href="{{ $png }}">{{ __('colors.png') }}</a> <button type="button"
                    class="btn btn-primary" data-do="print">{{ __('colors.print') }}</button></p>
        </div>
        <ul>
            @foreach ($screen->rows() as $row)
                <li><x-swatch-chip class="swatch-sheet-chip" :swatch="$row->swatch" />
                    <div><b>{{ $row->value->label }}</b> <code>{{ $row->value->code }}</code>
                        @if ($row->swatch === null)
                            <p class="quiet">{{ __('colors.no_swatch') }}</p>
                        @else
                            @foreach ($row->swatch->colors as $color)
                                <p><code>{{ $color->hex() }}</code> <span>{{ $screen->labOf($color) }}</span></p>
                                @endforeach @if ($row->swatch->tile !== null)
                                    <p class="quiet">{{ $row->swatch->tile->value }}</p>
                                @endif
                            @endif
                    </div>
                </li>
            @endforeach
        </ul>
        <p class="quiet">{{ __('colors.lab_under_d65_2_observer_screens') }}</p>
    </div>
@endsection
