@extends('layout.app')
@section('title', 'Bulk desk')
@section('content')
    <div class="page batches">
        <h1>Bulk desk</h1>
        <p class="quiet">What was changed of many products at once. To begin, find the products in the <a
                href="{{ route('catalog') }}">catalog</a> and choose “Change all of these” below the filters.</p>
        @if ($batches->isEmpty())
            <p class="empty">Nothing was changed in bulk yet.</p>
        @else
            <table class="plain">
                <thead>
                    <tr>
                        <th scope="col">What</th>
                        <th scope="col">How it stands</th>
                        <th scope="col" class="number">Products</th>
                        <th scope="col" class="number">Changed</th>
                        <th scope="col" class="number">Refused</th>
                        <th scope="col">Who</th>
                        <th scope="col">When</th>
                    </tr>
                </thead>
                <tbody>
                    @foreach ($batches as $batch)
                        <tr>
                            <td><a class="name" href="{{ route('batch', $batch->id) }}">{{ $batch->words }}</a></td>
                            <td>{{ $batch->state->inWords() }}</td>
                            <td class="number">{{ number_format(array_sum($counts[$batch->id])) }}</td>
                            <td class="number">{{ number_format($counts[$batch->id]['changed'] ?? 0) }}</td>
                            <td class="number">
                                @if (($counts[$batch->id]['refused'] ?? 0) > 0)
                                    <span class="warns">{{ number_format($counts[$batch->id]['refused']) }}</span>
                                @else
                                    0
                                @endif
                            </td>
                            <td>{{ $batch->user->name }}</td>
                            <td>{{ $batch->at('j M H:i') }}</td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
            {{ $batches->links('catalog.pages') }}
        @endif
    </div>
@endsection
