@extends('layout.app')
@section('title', __('accounts.account_of', ['name' => $account->name]))
@section('content')
    <div class="page accounts">
        <p class="path"><a href="{{ route('accounts') }}">{{ __('accounts.accounts') }}</a></p>
        <h1>{{ $account->name }}</h1>
        <p class="quiet">
            {{ $account->closed_at === null ? __('accounts.open_last_signed_in') : __('accounts.closed_last_signed_in') }}
            <x-moment :at="$account->signed_in_at" :none="__('accounts.never')" />.
        </p>
        @if (session('said'))
            <p role="status" class="said">{{ session('said') }}</p>
        @endif
        @if ($password !== null)
            <div class="begin-with">
                <p>@say('accounts.password_to_begin_with_password', ['password' => $password])</p>
                <p class="quiet">{{ __('accounts.hand_it_on_now_it_is', ['account' => $account->name]) }}</p>
            </div>
        @endif
        <form method="post" action="{{ route('accounts.edit', $account) }}" class="narrow">
            <x-once />
            <input type="hidden" name="seen" value="{{ $account->seen() }}">
            <div class="field"><label for="account-name">{{ __('accounts.name') }}</label><input class="form-control"
                    id="account-name" name="name" value="{{ old('name', $account->name) }}" maxlength="80" required
                    autocomplete="off">
            </div>
            <div class="field"><label for="account-email">{{ __('accounts.email_address') }}</label><input
                    class="form-control" type="email" id="account-email" name="email"
                    value="{{ old('email', $account->email) }}" maxlength="190" required autocomplete="off"></div>
            <div class="field"><label for="account-right">{{ __('accounts.may') }}</label><select class="form-select"
                    id="account-right" name="right">@include('accounts.rights', ['chosen' => old('right', $account->right->value)])</select></div>
            <button class="btn btn-primary">{{ __('accounts.keep') }}</button>
        </form>
        <h2>{{ __('accounts.coming_in') }}</h2>
        <div class="ways">
            @foreach ($deeds as $deed)
                <form method="post" action="{{ route("accounts.{$deed}", $account) }}"><x-once /><input type="hidden"
                        name="seen" value="{{ $account->seen() }}"><button
                        class="btn btn-plain">{{ __("accounts.deed_{$deed}") }}</button>
                    <p class="hint">{{ __("accounts.hint_{$deed}") }}</p>
                </form>
            @endforeach
        </div>
        <h2>{{ __('accounts.what_was_done_to_it') }}</h2>
        @if ($notes->isEmpty())
            <p class="quiet">{{ __('accounts.nothing_since_it_was_made') }}</p>
        @else
            <table class="plain">
                <thead>
                    <tr>
                        <th scope="col">{{ __('accounts.when') }}</th>
                        <th scope="col">{{ __('accounts.who') }}</th>
                        <th scope="col">{{ __('accounts.what') }}</th>
                    </tr>
                </thead>
                <tbody>
                    @foreach ($notes as $note)
                        <tr>
                            <td><x-moment :at="$note->created_at" /></td>
                            <td>{{ $note->user->name ?? __('accounts.on_the_command_line') }}</td>
                            <td>{{ $note->words }}</td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
        @endif
    </div>
@endsection
