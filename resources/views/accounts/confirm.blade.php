@extends('layout.app')
@section('title', 'Your password')
@section('content')
    <div class="page accounts">
        <h1>Your password, once more</h1>
        <p class="quiet">It is asked before accounts are looked at or changed, if it was not typed for a while.</p>
        <form method="post" action="{{ route('own-account.confirm.give') }}" class="narrow">
            <x-once />
            <input type="text" name="username" value="{{ auth()->user()->email }}" autocomplete="username" hidden>
            <div class="field">
                <label for="own-present">Password</label>
                <input class="form-control" type="password" id="own-present" name="current_password" required autofocus
                    autocomplete="current-password"
                    @error('refused') aria-invalid="true" aria-describedby="own-present-error" @enderror>
            </div>
            <button class="btn btn-primary">Go on</button>
        </form>
    </div>
@endsection
