@extends('layout.app')
@section('title', __('preview.preview_of', ['name' => $product->name]))
@section('kept')<x-kept :of="$product" />
@endsection
@section('content')
    <x-product-head :product="$product" current="preview">{{ __('preview.as_a_shopper_meets_it_today') }}</x-product-head>
    <div class="page">
        <div class="tools" role="group" aria-label="{{ __('preview.width') }}">
            <a class="btn btn-plain"
                href="{{ route('preview', ['product' => $product, 'choice' => $preview->choice->key, 'lang' => $preview->names->tag]) }}"
                @if (!$preview->isPhone) aria-current="true" @endif><x-icon name="monitor" />
                {{ __('preview.desktop') }}</a>
            <a class="btn btn-plain"
                href="{{ route('preview', ['product' => $product, 'choice' => $preview->choice->key, 'width' => 'phone', 'lang' => $preview->names->tag]) }}"
                @if ($preview->isPhone) aria-current="true" @endif><x-icon name="smartphone" />
                {{ __('preview.phone') }}</a>
            @if ($preview->names->tags !== [])
                <span class="languages">
                    @foreach (['', ...$preview->names->tags] as $tag)
                        <a class="btn btn-plain"
                            href="{{ route('preview', ['product' => $product->code, 'choice' => $preview->choice->key, 'width' => $preview->isPhone ? 'phone' : 'desktop', 'lang' => $tag]) }}"
                            @if ($preview->names->tag === $tag) aria-current="true" @endif>{{ $tag === '' ? __('preview.as_named') : $tag }}</a>
                    @endforeach
                </span>
            @endif
        </div>
        @include('preview.shop')
    </div>
@endsection
