@extends('layout.app')
@section('title', __('batches.bulk_desk'))
@section('content')
    <div class="page batches">
        <h1>{{ __('batches.bulk_desk') }}</h1>
        <p class="quiet">{{ __('batches.what_was_changed_of_many_products') }} <a
                href="{{ route('catalog') }}">{{ __('batches.catalog') }}</a>
            {{ __('batches.and_choose_change_all_of_these') }}</p>
        @if ($batches->isEmpty())
            <p class="empty">{{ __('batches.nothing_was_changed_in_bulk_yet') }}</p>
        @else
            <table class="plain">
                <thead>
                    <tr>
                        <th scope="col">{{ __('batches.what') }}</th>
                        <th scope="col">{{ __('batches.how_it_stands') }}</th>
                        <th scope="col" class="number">{{ __('batches.products') }}</th>
                        <th scope="col" class="number">{{ __('batches.changed') }}</th>
                        <th scope="col" class="number">{{ __('batches.refused') }}</th>
                        <th scope="col">{{ __('batches.who') }}</th>
                        <th scope="col">{{ __('batches.when') }}</th>
                    </tr>
                </thead>
                <tbody>
                    @foreach ($batches as $batch)
                        <tr>
                            <td><a class="name" href="{{ route('batch', $batch->id) }}">{{ $batch->words }}</a></td>
                            <td>{{ $batch->state->inWords() }}</td>
                            <td class="number">@number($counts[$batch->id]['all'])</td>
                            <td class="number">@number($counts[$batch->id]['changed'] ?? 0)</td>
                            <td class="number">
                                @if (($counts[$batch->id]['refused'] ?? 0) > 0)
                                    <span class="warns">@number($counts[$batch->id]['refused'])</span>
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
