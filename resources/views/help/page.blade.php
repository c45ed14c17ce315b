@extends('layout.app')
@section('title', $titles[$page])
@section('content')
    <div class="page guide">
        <nav class="guide-pages" aria-label="{{ __('help.pages_of_the_guide') }}">
            <ol>
                @foreach ($titles as $name => $title)
                    <li><a href="{{ route('help', ['page' => $name]) }}"
                            @if ($name === $page) aria-current="page" @endif>{{ $title }}</a></li>
                @endforeach
            </ol>
        </nav>
        <article class="guide-text">{!! $html !!}</article>
    </div>
@endsection
