@extends('layout.app')
@section('title', $product === null ? __('cards.slate_cards') : __('cards.slate_cards_of', ['name' => $product->name]))
@section('content')
    @if ($product === null)
        <div class="page slate-cards">
            <x-catalog-head place="shooting-list" />
        @else
            <x-product-head :product="$product" current="cards" />
            <div class="page slate-cards">
    @endif
    <form class="not-printed card-choice" method="get" action="{{ $address }}">
        @foreach ($kept as $name => $value)
            <input type="hidden" name="{{ $name }}" value="{{ $value }}">
        @endforeach
        <div class="field"><label for="which">{{ __('cards.one_for') }}</label>
            <select class="form-select" id="which" name="which">
                @foreach ($screen->kinds() as $kind => $label)
                    <option value="{{ $kind }}" @selected($screen->which->value === $kind)>{{ $label }}</option>
                @endforeach
            </select>
        </div>
        <div class="field"><label for="paper">{{ __('cards.paper') }}</label>
            <select class="form-select" id="paper" name="paper">
                @foreach ($screen->papers() as $paper => $label)
                    <option value="{{ $paper }}" @selected($screen->paper->value === $paper)>{{ $label }}</option>
                @endforeach
            </select>
        </div>
        <button class="btn btn-plain">{{ __('cards.show') }}</button>
        <button type="button" class="btn btn-primary" data-do="print">{{ __('cards.print') }}</button>
        <span role="status">{{ $screen->countInWords() }}</span>
        <p class="quiet">{{ __('cards.photograph_a_card_first') }}</p>
    </form>
    @if ($screen->isEmpty())
        <p class="empty">{{ __('cards.nothing_to_print') }}
            <a href="{{ route('shooting-list') }}">{{ __('cards.back') }}</a>
        </p>
    @else
        <ul class="card-sheet is-{{ $screen->paper->value }}">
            @foreach ($screen->drawings() as $drawing)
                <li>{!! $drawing !!}</li>
            @endforeach
        </ul>
    @endif
    </div>
@endsection
