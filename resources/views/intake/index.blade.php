@extends('layout.app')
@section('title', __('intake.intake'))
@section('content')
    <div class="page intake-list">
        <h1>{{ __('intake.intake') }}</h1>
        <p class="quiet">{{ __('intake.new_pictures_arrive_here_their_names') }}</p>
        @can('edit')
            <div class="intake-start">
                <x-intake-zone>{{ __('intake.names_may_be_anybodys_codes_skus') }}</x-intake-zone>
                <div class="field"><label for="sender">{{ __('intake.from_whom') }} <span
                            class="quiet">{{ __('intake.optional') }}</span></label>
                    <input class="form-control" id="sender" list="senders" maxlength="80" autocomplete="off"
                        placeholder="{{ __('intake.a_photographer_a_supplier') }}" data-intake-sender>
                    <datalist id="senders">
                        @foreach ($senders as $sender)
                            <option value="{{ $sender }}"></option>
                        @endforeach
                    </datalist>
                    <p class="hint">{{ __('intake.words_that_you_teach_can_be') }}</p>
                </div>
            </div>
            <p><a href="{{ route('intake.stored') }}">{{ __('intake.pick_from_the_pictures_that_are') }}</a></p>
        @endcan
        @include('intake.packages')
        @include('intake.sheets')
        @if ($drops->isEmpty())
            <p class="empty">{{ __('intake.nothing_has_arrived_yet') }}</p>
        @else
            <table class="plain">
                <thead>
                    <tr>
                        <th scope="col">{{ __('intake.drop') }}</th>
                        <th scope="col">{{ __('intake.from') }}</th>
                        <th scope="col" class="number">{{ __('intake.files') }}</th>
                        <th scope="col" class="number">{{ __('intake.to_settle') }}</th>
                        <th scope="col" class="number">{{ __('intake.linked') }}</th>
                        <th scope="col" class="number">{{ __('intake.put_aside') }}</th>
                        <th scope="col" class="number">{{ __('intake.not_taken') }}</th>
                        <th scope="col" class="number">{{ __('intake.not_arrived') }}</th>
                        <th scope="col">{{ __('intake.who') }}</th>
                        <th scope="col">{{ __('intake.when') }}</th>
                    </tr>
                </thead>
                <tbody>
                    @foreach ($drops as $drop)
                        <tr>
                            <td><a class="name" href="{{ route('intake.drop', $drop) }}">{{ $drop->name }}</a></td>
                            <td>{{ $drop->sender }}</td>
                            <td class="number">@number($counts[$drop->id]->files)</td>
                            <td class="number">
                                @if ($counts[$drop->id]->open() > 0)
                                    <b>@number($counts[$drop->id]->open())</b>
                                @elseif ($counts[$drop->id]->isSettled())
                                    <span class="quiet">{{ __('intake.settled_2') }}</span>
                                @else
                                    0
                                @endif
                            </td>
                            <td class="number">@number($counts[$drop->id]->linked)</td>
                            <td class="number">@number($counts[$drop->id]->aside)</td>
                            <td class="number">@number($counts[$drop->id]->refused)</td>
                            <td class="number">
                                @if ($counts[$drop->id]->arriving > 0)
                                    <span class="warns">@number($counts[$drop->id]->arriving)</span>
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
