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
                <x-once />
                <h2>You</h2>
                <div class="field"><label for="own-name">Name</label><input class="form-control" id="own-name"
                        name="name" value="{{ old('name', $own->name) }}" maxlength="80" required autocomplete="name">
                    <p class="hint">It stands beside what you do in every history.</p>
                </div>
                <div class="field"><label for="own-zone">Time zone</label><select class="form-select" id="own-zone"
                        name="zone">
                        <option value="">as the browser says (here {{ $browsersZone }})</option>
                        @foreach (DateTimeZone::listIdentifiers() as $zone)
                            <option @selected(old('zone', $own->zone) === $zone)>{{ $zone }}</option>
                        @endforeach
                    </select></div>
                <div class="field"><label for="own-language">Previews in</label><input class="form-control"
                        id="own-language" name="language" value="{{ old('language', $own->language) }}" maxlength="16"
                        placeholder="Such as de or pt-BR" autocomplete="off">
                    <p class="hint">A language tag. Axes and values that have a translation are shown in it; empty shows
                        them as named.</p>
                </div>
                <button class="btn btn-primary">Keep</button>
            </form>
            <div>
                <form method="post" action="{{ route('own-account.password') }}">
                    <x-once />
                    <h2>Password</h2>
                    <input type="text" name="username" value="{{ $own->email }}" autocomplete="username" hidden>
                    <div class="field"><label for="own-present">Present password</label><input class="form-control"
                            type="password" id="own-present" name="current_password" required
                            autocomplete="current-password"></div>
                    <div class="field"><label for="own-password">New password</label><input class="form-control"
                            type="password" id="own-password" name="password"
                            minlength="{{ App\Accounts\NewPassword::LEAST }}" required autocomplete="new-password">
                        <p class="hint">At least {{ App\Accounts\NewPassword::LEAST }} characters, and none that is tried
                            first. You are signed out everywhere else.</p>
                    </div>
                    <div class="field"><label for="own-again">The same again</label><input class="form-control"
                            type="password" id="own-again" name="password_confirmation" required
                            autocomplete="new-password"></div>
                    <button class="btn btn-primary">Change the password</button>
                </form>
            </div>
        </div>
        <h2>Where you are signed in</h2>
        <table class="plain">
            <thead>
                <tr>
                    <th scope="col">Browser</th>
                    <th scope="col">Network</th>
                    <th scope="col">Since</th>
                    <th scope="col">Seen</th>
                    <th scope="col">Remembered until</th>
                    <th scope="col"><span class="visually-hidden">Sign out</span></th>
                </tr>
            </thead>
            <tbody>
                @foreach ($sessions as $session)
                    <tr>
                        <th scope="row" title="{{ $session->browser }}">
                            {{ App\Http\Screens\BrowserName::of($session->browser) }}</th>
                        <td>{{ $session->address }}</td>
                        <td><x-moment :at="$session->created_at" /></td>
                        <td><x-moment :at="$session->seen_at" /></td>
                        <td><x-moment :at="$session->remembered_until" none="not remembered" /></td>
                        <td>
                            @if ($session->id === $here)
                            <span class="quiet">this one</span>@else<form method="post"
                                    action="{{ route('own-account.session') }}"><x-once /><input type="hidden"
                                        name="session" value="{{ $session->id }}"><button class="btn btn-plain">Sign
                                        out<span class="visually-hidden"> there</span></button></form>
                            @endif
                        </td>
                    </tr>
                @endforeach
            </tbody>
        </table>
        @if (count($sessions) > 1)
            <form method="post" action="{{ route('own-account.sessions') }}" class="apart"><x-once /><button
                    class="btn btn-plain">Sign out everywhere else</button></form>
        @endif
    </div>
@endsection
