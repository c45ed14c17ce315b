@extends('layout.app')
@section('title', __('accounts.title_your_password'))
@section('content')
    <div class="page accounts">
        <h1>{{ __('accounts.your_password_once_more') }}</h1>
        <p class="quiet">{{ __('accounts.it_is_asked_before_accounts_are') }}</p>
        <form method="post" action="{{ route('own-account.confirm.give') }}" class="narrow">
            <x-once />
            <input type="text" name="username" value="{{ auth()->user()->email }}" autocomplete="username" hidden>
            <div class="field">
                <label for="own-present">{{ __('accounts.password') }}</label>
                <input class="form-control" type="password" id="own-present" name="current_password" required autofocus
                    autocomplete="current-password"
                    @error('refused') aria-invalid="true" aria-describedby="own-present-error" @enderror>
            </div>
            <button class="btn btn-primary">{{ __('accounts.go_on') }}</button>
        </form>
    </div>
@endsection
