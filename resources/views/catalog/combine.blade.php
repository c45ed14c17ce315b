@extends('layout.app')
@section('title', __('combine.title'))
@section('content')
    <div class="page combine">
        <x-catalog-head place="combine" />
        <div class="sheet-head">
            <div>
                <h2>{{ __('combine.title') }}</h2>
                <p class="quiet">{{ __('combine.about') }}</p>
            </div>
            @if ($canEdit && $screen->sure() > 0)
                <form method="post" action="{{ route('combine.sure') }}">
                    <x-once /><input type="hidden" name="products" value="{{ $screen->chosen }}"><button
                        class="btn btn-primary"
                        title="{{ __('combine.sure_hint') }}">{{ trans_choice('combine.all_sure', $screen->sure(), ['count' => $screen->sure()]) }}</button>
                </form>
            @endif
        </div>
        @if ($errors->any())
            <p class="notice" role="alert">{{ $errors->first() }}</p>
        @endif
        <form method="get" action="{{ route('combine') }}" class="combine-head">
            <div class="field"><label for="products">{{ __('combine.only_these') }}</label><input class="form-control"
                    id="products" name="products" value="{{ $screen->chosen }}" maxlength="20000" autocomplete="off">
            </div>
            <button class="btn btn-plain">{{ __('combine.look') }}</button>
        </form>
        @if ($screen->count() === 0)
            <p class="empty">{{ __('combine.none') }}</p>
        @endif
        @foreach ($screen->groups() as $group)
            <form class="combine-group" method="post" action="{{ route('combine.store') }}" id="{{ $group->key() }}">
                <x-once />
                <div class="combine-head">
                    <div class="field"><label for="{{ $group->key() }}-name">{{ __('combine.name') }}</label>
                        <input class="form-control" id="{{ $group->key() }}-name" name="name"
                            value="{{ $group->name() }}" maxlength="120" required @disabled(!$canEdit)>
                    </div>
                    <div class="field"><label for="{{ $group->key() }}-code">{{ __('combine.code') }}</label>
                        <input class="form-control" id="{{ $group->key() }}-code" name="code"
                            value="{{ $group->code() }}" maxlength="40" required @disabled(!$canEdit)>
                    </div>
                    <p class="quiet">{{ $group->arithmetic() }}</p>
                    @if ($canEdit)
                        <button class="btn btn-plain">{{ __('combine.combine') }}</button>
                    @endif
                </div>
                @foreach ($group->doubts() as $doubt)
                    <p class="warns">{{ $doubt }}</p>
                @endforeach
                @foreach ($group->columns() as $axis)
                    <input type="hidden" name="axes[]" value="{{ $axis }}">
                @endforeach
                <x-items-in-cells :screen="$group" :$canEdit />
            </form>
        @endforeach
        @if ($screen->next() !== null)
            <nav class="pages" aria-label="{{ __('batches.pages') }}"><a class="btn btn-plain"
                    href="{{ route('combine', ['page' => $screen->next(), 'products' => $screen->chosen]) }}"
                    rel="next">{{ __('combine.more') }}</a></nav>
        @endif
    </div>
@endsection
