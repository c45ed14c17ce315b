@extends('layout.app')
@section('title', __('accounts.accounts'))
@section('content')
    <div class="page accounts">
        <h1>{{ __('accounts.accounts') }}</h1>
        <p class="quiet">{{ __('accounts.who_may_sign_in_and_what') }}</p>
        <table class="plain">
            <thead>
                <tr>
                    <th scope="col">{{ __('accounts.name') }}</th>
                    <th scope="col">{{ __('accounts.address') }}</th>
                    <th scope="col">{{ __('accounts.may') }}</th>
                    <th scope="col">{{ __('accounts.signed_in') }}</th>
                    <th scope="col">{{ __('accounts.state') }}</th>
                </tr>
            </thead>
            <tbody>
                @foreach ($accounts as $account)
                    <tr @class(['quiet' => $account->closed_at !== null])>
                        <th scope="row"><a href="{{ route('accounts.show', $account) }}">{{ $account->name }}</a>
                            @if ($account->is(auth()->user()))
                                <span class="quiet">{{ __('accounts.you_2') }}</span>
                            @endif
                        </th>
                        <td>{{ $account->email }}</td>
                        <td>{{ $account->right->inWords() }}</td>
                        <td><x-moment :at="$account->signed_in_at" :none="__('accounts.never')" /></td>
                        <td>{{ $account->closed_at !== null ? __('accounts.closed') : ($account->password_is_temporary ? __('accounts.has_yet_to_choose_a_password') : __('accounts.open')) }}
                        </td>
                    </tr>
                @endforeach
            </tbody>
        </table>
        <form class="library-form" method="post" action="{{ route('accounts.store') }}">
            <x-once />
            <h2>{{ __('accounts.another_account') }}</h2>
            <div class="line">
                <div class="field"><label for="account-name">{{ __('accounts.name') }}</label><input class="form-control"
                        id="account-name" name="name" value="{{ old('name') }}" maxlength="80" required
                        autocomplete="off"></div>
                <div class="field wide"><label for="account-email">{{ __('accounts.email_address') }}</label><input
                        class="form-control" type="email" id="account-email" name="email" value="{{ old('email') }}"
                        maxlength="190" required autocomplete="off"></div>
                <div class="field"><label for="account-right">{{ __('accounts.may') }}</label><select class="form-select"
                        id="account-right" name="right">@include('accounts.rights', ['chosen' => old('right', 'edit')])</select></div>
                <button class="btn btn-primary">{{ __('accounts.make') }}</button>
            </div>
            <p class="hint">{{ __('accounts.a_password_to_begin_with_is') }}</p>
        </form>
    </div>
@endsection
