@extends('layout.app')
@section('title', __('combine.add_title', ['name' => $product->name]))
@section('content')
    <div class="page combine">
        <p class="quiet"><a href="{{ route('board', $product) }}">{{ $product->code }} {{ $product->name }}</a></p>
        <h1>{{ __('combine.add_title', ['name' => $product->name]) }}</h1>
        <p class="quiet">{{ __('combine.add_about') }}</p>
        <form method="get" action="{{ route('items', $product) }}" class="combine-head">
            <div class="field"><label for="codes">{{ __('combine.these_items') }}</label><input class="form-control"
                    id="codes" name="codes" value="{{ $screen->codes }}" maxlength="20000" autocomplete="off">
            </div>
            <button class="btn btn-plain">{{ __('combine.look') }}</button>
        </form>
        @if ($problem !== '')
            <p class="notice" role="alert">{{ $problem }}</p>
        @endif
        @if ($screen->columns() === [])
            <p class="empty">{{ __('combine.no_axes') }}</p>
        @elseif ($screen->items() === [])
            <p class="empty">{{ __('combine.no_items') }}</p>
        @else
            <form class="combine-group" method="post" action="{{ route('items.add', $product) }}">
                <x-once />
                <input type="hidden" name="codes" value="{{ $screen->codes }}">
                @if ($screen->isPlanned())
                    <ul class="sheet-remarks" role="status">
                        @foreach ($screen->sentences() as $sentence)
                            <li>{{ $sentence }}</li>
                        @endforeach
                    </ul>
                @endif
                <x-items-in-cells :$screen />
                <div class="buttons">
                    <button class="btn btn-plain">{{ __('combine.what_becomes') }}</button>
                    @if ($screen->isPlanned())
                        <button class="btn btn-primary" name="sure" value="1">{{ __('combine.add') }}</button>
                    @endif
                </div>
            </form>
        @endif
    </div>
@endsection
