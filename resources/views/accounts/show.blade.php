@extends('layout.app')
@section('title', 'Account of ' . $account->name)
@section('content')
    <div class="page accounts">
        <p class="path"><a href="{{ route('accounts') }}">Accounts</a></p>
        <h1>{{ $account->name }}</h1>
        <p class="quiet">{{ $account->closed_at !== null ? 'Closed' : 'Open' }}. Last signed in: <x-moment :at="$account->signed_in_at"
                none="never" />.</p>
        @if (session('said'))
            <p role="status" class="said">{{ session('said') }}</p>
        @endif
        @if ($password !== null)
            <div class="begin-with">
                <p>Password to begin with: <code>{{ $password }}</code></p>
                <p class="quiet">Hand it on now: it is shown this once. {{ $account->name }} chooses another when signing
                    in.</p>
            </div>
        @endif
        <form method="post" action="{{ route('accounts.edit', $account) }}" class="narrow">
            <x-once />
            <input type="hidden" name="seen" value="{{ $account->seen() }}">
            <div class="field"><label for="account-name">Name</label><input class="form-control" id="account-name"
                    name="name" value="{{ old('name', $account->name) }}" maxlength="80" required autocomplete="off">
            </div>
            <div class="field"><label for="account-email">Email address</label><input class="form-control" type="email"
                    id="account-email" name="email" value="{{ old('email', $account->email) }}" maxlength="190" required
                    autocomplete="off"></div>
            <div class="field"><label for="account-right">May</label><select class="form-select" id="account-right"
                    name="right">@include('accounts.rights', ['chosen' => old('right', $account->right->value)])</select></div>
            <button class="btn btn-primary">Keep</button>
        </form>
        <h2>Coming in</h2>
        <div class="ways">
            @foreach ($account->closed_at === null ? [['accounts.password', 'Make a new password', 'For who has forgotten theirs. It is shown once; whoever is signed in with the old one is signed out.'], ['accounts.sessions', 'Sign out everywhere', 'On every device; the password stays.'], ['accounts.close', 'Close the account', 'Nobody can sign in to it any more. What was done stays in every history, and it can be opened again.']] : [['accounts.reopen', 'Open the account again', 'With the password it had.']] as [$way, $words, $hint])
                <form method="post" action="{{ route($way, $account) }}"><x-once /><input type="hidden" name="seen"
                        value="{{ $account->seen() }}"><button class="btn btn-plain">{{ $words }}</button>
                    <p class="hint">{{ $hint }}</p>
                </form>
            @endforeach
        </div>
        <h2>What was done to it</h2>
        @if ($notes->isEmpty())
            <p class="quiet">Nothing since it was made.</p>
        @else
            <table class="plain">
                <thead>
                    <tr>
                        <th scope="col">When</th>
                        <th scope="col">Who</th>
                        <th scope="col">What</th>
                    </tr>
                </thead>
                <tbody>
                    @foreach ($notes as $note)
                        <tr>
                            <td><x-moment :at="$note->created_at" /></td>
                            <td>{{ $note->user->name ?? 'on the command line' }}</td>
                            <td>{{ $note->words }}</td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
        @endif
    </div>
@endsection
