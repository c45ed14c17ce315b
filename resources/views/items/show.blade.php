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
        @if ($screen->axes() === [])
            <p class="empty">{{ __('combine.no_axes') }}</p>
        @elseif ($screen->items === [])
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
                <div class="combine-work">
                    <table class="plain">
                        <thead>
                            <tr>
                                <th scope="col">{{ __('combine.takes_part') }}</th>
                                <th scope="col">{{ __('combine.item') }}</th>
                                <th scope="col">{{ __('combine.code') }}</th>
                                @foreach ($screen->axes() as $axis)
                                    <th scope="col">{{ $axis->name }}</th>
                                @endforeach
                            </tr>
                        </thead>
                        <tbody>
                            @foreach ($screen->items as $item)
                                <tr data-combine-item="{{ $item->item->code }}">
                                    <td><input type="checkbox" class="form-check-input" name="items[]"
                                            value="{{ $item->item->productId }}" @checked($screen->takesPart($item))
                                            aria-label="{{ __('combine.take_item', ['item' => $item->item->name]) }}"></td>
                                    <td><a href="{{ route('board', $item->item->code) }}">{{ $item->item->name }}</a></td>
                                    <td>{{ $item->item->code }}</td>
                                    @foreach ($screen->axes() as $axis)
                                        <td><input class="form-control"
                                                name="values[{{ $item->item->productId }}][{{ $axis->id }}]"
                                                data-combine-value value="{{ $screen->value($item, $axis) }}"
                                                maxlength="80"
                                                aria-label="{{ __('combine.value_of', ['axis' => $axis->name, 'item' => $item->item->name]) }}">
                                        </td>
                                    @endforeach
                                </tr>
                            @endforeach
                        </tbody>
                    </table>
                    <div class="combine-matrix" role="group" aria-label="{{ __('combine.matrix') }}"
                        data-combine-matrix="{{ json_encode($screen->values()) }}"
                        data-combine-taken="{{ json_encode($screen->taken()) }}"></div>
                </div>
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
