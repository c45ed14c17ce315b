@extends('layout.app')
@section('title', __('sheets.as_a_sheet'))
@section('content')
    <div class="page sheet-out">
        <p class="quiet"><a href="{{ $page->address([]) }}">{{ __('parts.catalog') }}</a></p>
        <h1>{{ trans_choice('sheets.products_as_a_sheet', $found, ['count' => $found]) }}</h1>
        <p class="quiet">{{ __('sheets.out_about') }}</p>
        <form method="get" action="{{ route('catalog.sheet.file') }}">
            <input type="hidden" name="q" value="{{ $page->asked->search }}">
            @foreach ($page->asked->filters as $facet => $value)
                <input type="hidden" name="{{ $facet }}" value="{{ $value }}">
            @endforeach
            <fieldset>
                <legend>{{ __('sheets.format') }}</legend>
                @foreach (['csv', 'xlsx', 'ods'] as $ending)
                    <label><input type="radio" class="form-check-input" name="ending" value="{{ $ending }}"
                            @checked($loop->first)> {{ __("sheets.ending_{$ending}") }}</label>
                @endforeach
                <label><input type="radio" class="form-check-input" name="ending" value="zip">
                    {{ __('packages.ending_zip') }}</label>
                <p class="quiet">{{ __('packages.zip_about') }}</p>
            </fieldset>
            <fieldset>
                <legend>{{ __('sheets.which_columns') }}</legend>
                <div class="sheet-choices">
                    @foreach ($columns as $column)
                        <label><input type="checkbox" class="form-check-input" name="columns[]" value="{{ $column }}"
                                checked> {{ $column }}</label>
                    @endforeach
                </div>
            </fieldset>
            <button class="btn btn-primary">{{ __('sheets.download') }}</button>
        </form>
    </div>
@endsection
