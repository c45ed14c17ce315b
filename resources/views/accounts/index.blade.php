@extends('layout.app')
@section('title', 'Accounts')
@section('content')
    <div class="page accounts">
        <h1>Accounts</h1>
        <p class="quiet">Who may sign in, and what each may do. Whoever may release keeps the accounts.</p>
        <table class="plain">
            <thead>
                <tr>
                    <th scope="col">Name</th>
                    <th scope="col">Address</th>
                    <th scope="col">May</th>
                    <th scope="col">Signed in</th>
                    <th scope="col">State</th>
                </tr>
            </thead>
            <tbody>
                @foreach ($accounts as $account)
                    <tr @class(['quiet' => $account->closed_at !== null])>
                        <th scope="row"><a href="{{ route('accounts.show', $account) }}">{{ $account->name }}</a>
                            @if ($account->is(auth()->user()))
                                <span class="quiet">(you)</span>
                            @endif
                        </th>
                        <td>{{ $account->email }}</td>
                        <td>{{ $account->right->inWords() }}</td>
                        <td><x-moment :at="$account->signed_in_at" none="never" /></td>
                        <td>{{ $account->closed_at !== null ? 'closed' : ($account->password_is_temporary ? 'has yet to choose a password' : 'open') }}
                        </td>
                    </tr>
                @endforeach
            </tbody>
        </table>
        <form class="library-form" method="post" action="{{ route('accounts.store') }}">
            <x-once />
            <h2>Another account</h2>
            <div class="line">
                <div class="field"><label for="account-name">Name</label><input class="form-control" id="account-name"
                        name="name" value="{{ old('name') }}" maxlength="80" required autocomplete="off"></div>
                <div class="field wide"><label for="account-email">Email address</label><input class="form-control"
                        type="email" id="account-email" name="email" value="{{ old('email') }}" maxlength="190"
                        required autocomplete="off"></div>
                <div class="field"><label for="account-right">May</label><select class="form-select" id="account-right"
                        name="right">@include('accounts.rights', ['chosen' => old('right', 'edit')])</select></div>
                <button class="btn btn-primary">Make</button>
            </div>
            <p class="hint">A password to begin with is made and shown once; no mail is sent.</p>
        </form>
    </div>
@endsection
