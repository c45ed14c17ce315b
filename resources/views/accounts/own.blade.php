@extends('layout.app')
@section('title', 'Your account')
@section('content')
@php($own = auth()->user())
<div class="page accounts">
    <h1>Your account</h1>
    <p class="quiet">{{ $own->email }}, may {{ $own->right->inWords() }}.</p>
    @if (session('said'))
        <p role="status" class="said">{{ session('said') }}</p>
    @elseif ($own->password_is_temporary)
        <p class="said">Choose a password of your own first; then all other pages open.</p>
    @endif
    <div class="halves">
        <form method="post" action="{{ route('own-account.edit') }}">
            @csrf
            <h2>You</h2>
            <div class="field"><label for="own-name">Name</label><input class="form-control" id="own-name" name="name" value="{{ old('name', $own->name) }}" maxlength="80" required autocomplete="name"><p class="hint">It stands beside what you do in every history.</p></div>
            <div class="field"><label for="own-zone">Time zone</label><select class="form-select" id="own-zone" name="zone">
                <option value="">as the browser says (here {{ $browsersZone }})</option>
                @foreach (DateTimeZone::listIdentifiers() as $zone)<option @selected(old('zone', $own->zone) === $zone)>{{ $zone }}</option>@endforeach
            </select></div>
            <div class="field"><label for="own-language">Previews in</label><input class="form-control" id="own-language" name="language" value="{{ old('language', $own->language) }}" maxlength="16" placeholder="Such as de or pt-BR" autocomplete="off"><p class="hint">A language tag. Axes and values that have a translation are shown in it; empty shows them as named.</p></div>
            <button class="btn btn-primary">Keep</button>
        </form>
        <div>
            <form method="post" action="{{ route('own-account.password') }}">
                @csrf
                <h2>Password</h2>
                <input type="text" name="username" value="{{ $own->email }}" autocomplete="username" hidden>
                <div class="field"><label for="own-present">Present password</label><input class="form-control" type="password" id="own-present" name="current_password" required autocomplete="current-password"></div>
                <div class="field"><label for="own-password">New password</label><input class="form-control" type="password" id="own-password" name="password" minlength="10" required autocomplete="new-password"><p class="hint">At least 10 characters. You are signed out everywhere else.</p></div>
                <div class="field"><label for="own-again">The same again</label><input class="form-control" type="password" id="own-again" name="password_confirmation" required autocomplete="new-password"></div>
                <button class="btn btn-primary">Change the password</button>
            </form>
            <form method="post" action="{{ route('own-account.sessions') }}" class="apart">
                @csrf
                <h2>Other devices</h2>
                <button class="btn btn-plain">Sign out everywhere else</button>
            </form>
        </div>
    </div>
</div>
@endsection
