@extends('layout.app')
@section('title', 'Preview of ' . $product->name)
@section('kept')<x-kept :of="$product" />
@endsection
@section('content')
    <x-product-head :product="$product" current="preview">as a shopper meets it today</x-product-head>
    <div class="page">
        <div class="tools" role="group" aria-label="Width">
            <a class="btn btn-plain"
                href="{{ route('preview', ['product' => $product, 'choice' => $preview->choice->key, 'lang' => $preview->names->tag]) }}"
                @if (!$preview->isPhone) aria-current="true" @endif><x-icon name="monitor" /> Desktop</a>
            <a class="btn btn-plain"
                href="{{ route('preview', ['product' => $product, 'choice' => $preview->choice->key, 'width' => 'phone', 'lang' => $preview->names->tag]) }}"
                @if ($preview->isPhone) aria-current="true" @endif><x-icon name="smartphone" /> Phone</a>
            @if ($preview->names->tags !== [])
                <span class="languages">
                    @foreach (['', ...$preview->names->tags] as $tag)
                        <a class="btn btn-plain"
                            href="{{ route('preview', ['product' => $product->code, 'choice' => $preview->choice->key, 'width' => $preview->isPhone ? 'phone' : 'desktop', 'lang' => $tag]) }}"
                            @if ($preview->names->tag === $tag) aria-current="true" @endif>{{ $tag === '' ? 'As named' : $tag }}</a>
                    @endforeach
                </span>
            @endif
        </div>
        @include('preview.shop')
    </div>
@endsection
