@extends('layout.app')
@section('title', __('accounts.your_account'))
@section('content')
    <div class="page accounts">
        <h1>{{ __('accounts.your_account') }}</h1>
        <p class="quiet">
            {{ __('accounts.email_may_right', ['email' => auth()->user()->email, 'right' => auth()->user()->right->inWords()]) }}
        </p>
        @if (session('said'))
            <p role="status" class="said">{{ session('said') }}</p>
        @elseif (auth()->user()->password_is_temporary)
            <p class="said">{{ __('accounts.choose_a_password_of_your_own') }}</p>
        @endif
        <div class="halves">
            <form method="post" action="{{ route('own-account.edit') }}">
                <x-once />
                <h2>{{ __('accounts.you') }}</h2>
                <div class="field"><label for="own-name">{{ __('accounts.name') }}</label><input class="form-control"
                        id="own-name" name="name" value="{{ old('name', auth()->user()->name) }}" maxlength="80"
                        required autocomplete="name">
                    <p class="hint">{{ __('accounts.it_stands_beside_what_you_do') }}</p>
                </div>
                <div class="field"><label for="own-zone">{{ __('accounts.time_zone') }}</label><select class="form-select"
                        id="own-zone" name="zone">
                        <option value="">
                            {{ __('accounts.as_the_browser_says_here_browsers', ['browsers_zone' => $browsersZone]) }}
                        </option>
                        @foreach ($zones as $zone)
                            <option @selected(old('zone', auth()->user()->zone) === $zone)>{{ $zone }}</option>
                        @endforeach
                    </select></div>
                <div class="field"><label for="own-language">{{ __('accounts.previews_in') }}</label><input
                        class="form-control" id="own-language" name="language"
                        value="{{ old('language', auth()->user()->language) }}" maxlength="16"
                        placeholder="{{ __('accounts.such_as_de_or_pt_br') }}" autocomplete="off">
                    <p class="hint">{{ __('accounts.a_language_tag_axes_and_values') }}</p>
                </div>
                <button class="btn btn-primary">{{ __('accounts.keep') }}</button>
            </form>
            <div>
                <form method="post" action="{{ route('own-account.password') }}">
                    <x-once />
                    <h2>{{ __('accounts.password') }}</h2>
                    <input type="text" name="username" value="{{ auth()->user()->email }}" autocomplete="username"
                        hidden>
                    <div class="field"><label for="own-present">{{ __('accounts.present_password') }}</label><input
                            class="form-control" type="password" id="own-present" name="current_password" required
                            autocomplete="current-password"></div>
                    <div class="field"><label for="own-password">{{ __('accounts.new_password') }}</label><input
                            class="form-control" type="password" id="own-password" name="password"
                            minlength="{{ $leastPassword }}" required autocomplete="new-password">
                        <p class="hint">{{ __('accounts.at_least', ['letters' => $leastPassword]) }}</p>
                    </div>
                    <div class="field"><label for="own-again">{{ __('accounts.the_same_again') }}</label><input
                            class="form-control" type="password" id="own-again" name="password_confirmation" required
                            autocomplete="new-password"></div>
                    <button class="btn btn-primary">{{ __('accounts.change_the_password') }}</button>
                </form>
            </div>
        </div>
        <h2>{{ __('accounts.where_you_are_signed_in') }}</h2>
        <table class="plain">
            <thead>
                <tr>
                    <th scope="col">{{ __('accounts.browser') }}</th>
                    <th scope="col">{{ __('accounts.network') }}</th>
                    <th scope="col">{{ __('accounts.since') }}</th>
                    <th scope="col">{{ __('accounts.seen') }}</th>
                    <th scope="col">{{ __('accounts.remembered_until') }}</th>
                    <th scope="col"><span class="visually-hidden">{{ __('accounts.sign_out') }}</span></th>
                </tr>
            </thead>
            <tbody>
                @foreach ($sessions as $session)
                    <tr>
                        <th scope="row" title="{{ $session->browser }}">
                            {{ $browsers[$session->id] }}</th>
                        <td>{{ $session->address }}</td>
                        <td><x-moment :at="$session->created_at" /></td>
                        <td><x-moment :at="$session->seen_at" /></td>
                        <td><x-moment :at="$session->remembered_until" :none="__('accounts.not_remembered')" /></td>
                        <td>
                            @if ($session->id === $here)
                            <span class="quiet">{{ __('accounts.this_one') }}</span>@else<form method="post"
                                    action="{{ route('own-account.session') }}"><x-once /><input type="hidden"
                                        name="session" value="{{ $session->id }}"><button
                                        class="btn btn-plain">{{ __('accounts.sign_out') }}<span class="visually-hidden">
                                            {{ __('accounts.there') }}</span></button></form>
                            @endif
                        </td>
                    </tr>
                @endforeach
            </tbody>
        </table>
        @if (count($sessions) > 1)
            <form method="post" action="{{ route('own-account.sessions') }}" class="apart"><x-once /><button
                    class="btn btn-plain">{{ __('accounts.sign_out_everywhere_else') }}</button></form>
        @endif
    </div>
@endsection
