@extends('layout.app')
@section('title', 'Intake')
@section('content')
    <div class="page intake-list">
        <h1>Intake</h1>
        <p class="quiet">New pictures arrive here. Their names and what they look like say where they belong; nothing is
            linked before you have seen it.</p>
        @can('edit')
            <div class="intake-start">
                <x-intake-zone>Names may be anybody’s: codes, SKUs, GTINs, colors in any language.</x-intake-zone>
                <div class="field"><label for="sender">From whom <span class="quiet">(optional)</span></label>
                    <input class="form-control" id="sender" list="senders" maxlength="80" autocomplete="off"
                        placeholder="A photographer, a supplier" data-intake-sender>
                    <datalist id="senders">
                        @foreach ($senders as $sender)
                            <option value="{{ $sender }}"></option>
                        @endforeach
                    </datalist>
                    <p class="hint">Words that you teach can be meant for one sender only.</p>
                </div>
            </div>
            <p><a href="{{ route('intake.stored') }}">Pick from the pictures that are stored already</a></p>
        @endcan
        @if ($drops->isEmpty())
            <p class="empty">Nothing has arrived yet.</p>
        @else
            <table class="plain">
                <thead>
                    <tr>
                        <th scope="col">Drop</th>
                        <th scope="col">From</th>
                        <th scope="col" class="number">Files</th>
                        <th scope="col" class="number">To settle</th>
                        <th scope="col" class="number">Linked</th>
                        <th scope="col" class="number">Put aside</th>
                        <th scope="col" class="number">Not taken</th>
                        <th scope="col" class="number">Not arrived</th>
                        <th scope="col">Who</th>
                        <th scope="col">When</th>
                    </tr>
                </thead>
                <tbody>
                    @foreach ($drops as $drop)
                        @php($count = $counts[$drop->id])
                        <tr>
                            <td><a class="name" href="{{ route('intake.drop', $drop) }}">{{ $drop->name }}</a></td>
                            <td>{{ $drop->sender }}</td>
                            <td class="number">{{ number_format($count->files) }}</td>
                            <td class="number">
                                @if ($count->open() > 0)
                                    <b>{{ number_format($count->open()) }}</b>
                                @elseif ($count->isSettled())
                                    <span class="quiet">settled</span>
                                @else
                                    0
                                @endif
                            </td>
                            <td class="number">{{ number_format($count->linked) }}</td>
                            <td class="number">{{ number_format($count->aside) }}</td>
                            <td class="number">{{ number_format($count->refused) }}</td>
                            <td class="number">
                                @if ($count->arriving > 0)
                                    <span class="warns">{{ number_format($count->arriving) }}</span>
                                @else
                                    0
                                @endif
                            </td>
                            <td>{{ $drop->user->name }}</td>
                            <td>{{ $drop->at('j M H:i') }}</td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
            {{ $drops->links('catalog.pages') }}
        @endif
    </div>
@endsection
