@extends('layout.app')
@section('title', 'History of '.$product->name)
@section('kept')<x-kept :of="$product"/>@endsection
@section('content')
<x-product-head :product="$product" current="history"/>
<div class="page">
    <table class="plain">
        <thead><tr><th scope="col">When</th><th scope="col">Who</th><th scope="col">What</th></tr></thead>
        <tbody>
        @foreach ($entries as $entry)
            <tr>
                <td><time datetime="{{ $entry->created_at->toIso8601String() }}">{{ $entry->created_at->format('j M Y H:i') }}</time></td>
                <td>{{ $entry->user->name }}</td>
                <td><span @class(['undone' => $entry->undone_at !== null])>{{ $entry->words }}</span>@if ($entry->undone_at !== null) <span class="quiet">undone {{ $entry->undone_at->format('H:i') }} by {{ $entry->undoer?->name }}</span>@endif</td>
            </tr>
        @endforeach
        </tbody>
    </table>
    {{ $entries->links('catalog.pages') }}
</div>
@endsection
