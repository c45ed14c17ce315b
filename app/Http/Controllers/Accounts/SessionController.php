<?php

declare(strict_types=1);

namespace App\Http\Controllers\Accounts;

use App\Accounts\Accounts;
use App\Accounts\SignInLimits;
use App\Actions\Accounts\SignIn;
use App\Http\KnownBrowser;
use App\Http\SignedIn;
use App\Http\SignInTicket;
use Core\Refusal;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Log;

/**
 * Signing in and out. Whoever is not signed in has no session: what the page has to know stands in its address and its
 * form.
 */
final class SessionController
{
    private const WRONG = 'This address and password do not belong together. Check both and try again.';

    /** What the page says of why somebody is here. */
    private const BECAUSE = [
        'ended' =>
            'You were signed out here: the account was closed, its password was changed, or its sessions were ended.',
    ];

    public function show(Request $request): Response
    {
        $because = $request->query('because');

        return $this->page($request, said: is_string($because) ? self::BECAUSE[$because] ?? '' : '');
    }

    public function store(
        Request $request,
        SignIn $action,
        Accounts $accounts,
        SignedIn $signedIn,
    ): RedirectResponse|Response {
        $email = $request->input('email');
        $password = $request->input('password');
        $isTyped = is_string($email) && is_string($password) && $email !== '' && $password !== '';
        if (!$isTyped || mb_strlen($email) > 190 || mb_strlen($password) > 1000) {
            return $this->page($request, self::WRONG, is_string($email) ? mb_substr($email, 0, 190) : '');
        }
        if (!SignInTicket::fits($request)) {
            return $this->page($request, __('answers.this_page_was_open_for_long'), $email);
        }
        $account = $accounts->withAddress($email);
        $browser = KnownBrowser::from($request);
        $limits = SignInLimits::of(
            $account,
            $email,
            (string) $request->ip(),
            $account !== null && $browser->knows($account) ? $browser->id : null,
        );
        $wait = $limits->take();
        if ($wait > 0) {
            return $this->tooOften($request, $email, $wait);
        }
        try {
            $fits = $action->run($account, $password);
        } catch (Refusal $closed) {
            Log::warning('Sign-in refused', [
                'account' => $account?->id,
                'address' => $request->ip(),
                'why' => $closed->getMessage(),
            ]);

            return $this->page($request, $closed->getMessage(), $email);
        }
        if ($account === null || !$fits) {
            Log::warning('Sign-in failed', ['account' => $account?->id, 'address' => $request->ip()]);

            return $this->page($request, self::WRONG, $email);
        }
        $limits->passed();
        $signedIn->begin($request, $account, $request->boolean('remember'));
        $browser->remember($account);

        return redirect($this->wanted($request));
    }

    public function destroy(Request $request, SignedIn $signedIn): RedirectResponse
    {
        $signedIn->end($request);

        return redirect()->route('sign-in');
    }

    private function tooOften(Request $request, string $email, int $wait): Response
    {
        Log::warning('Sign-in held back', ['address' => $request->ip(), 'seconds' => $wait]);
        $when =
            $wait > 90
                ? __('answers.in_wait_minutes', ['wait' => (int) ceil($wait / 60)])
                : __('answers.in_wait_seconds', ['wait' => $wait]);
        $answer = $this->page($request, __('answers.too_many_tries_for_this_account', ['when' => $when]), $email);

        return $answer->setStatusCode(429)->header('Retry-After', (string) $wait);
    }

    private function page(Request $request, string $error = '', string $typed = '', string $said = ''): Response
    {
        return response()->view(
            'session.sign-in',
            [
                'error' => $error,
                'typed' => mb_scrub($typed, 'UTF-8'),
                'said' => $said,
                'to' => $this->wanted($request),
                'ticket' => SignInTicket::give($request),
                'remembers' => $request->boolean('remember'),
            ],
            $error === '' ? 200 : 422,
        );
    }

    /** Where somebody was on the way to: a page of this application, and of no other. */
    private function wanted(Request $request): string
    {
        $to = $request->input('to');

        return is_string($to) && strlen($to) < 2_000 && preg_match('~^/(?![/\\\\])[^\x00-\x20\\\\]*$~', $to) === 1
            ? $to
            : '/';
    }
}
