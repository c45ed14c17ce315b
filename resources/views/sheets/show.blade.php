@extends('layout.app')
@section('title', $screen->sheet->name)
@section('content')
    <div class="page sheet">
        <p class="quiet"><a href="{{ route('intake') }}">{{ __('intake.intake') }}</a></p>
        <div id="sheet">
            @if ($screen->isColumns)
                @include('sheets.columns')
            @else
                @include('sheets.rows')
            @endif
        </div>
    </div>
@endsection
