<?php

declare(strict_types=1);

namespace App\Http;

use App\Accounts\Sessions;
use App\Models\AccountSession;
use App\Models\User;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Cookie;
use Illuminate\Support\Str;

/**
 * What a browser knows of being signed in: which session it is, when its password was asked last, and by which token it
 * is remembered.
 */
final readonly class SignedIn
{
    /** Names in the session. */
    public const SESSION = 'account_session';

    public const ASKED_AT = 'password_asked_at';

    /**
     * What is known of the account's sessions, and since when: as long as it is so, nothing is asked of the database.
     */
    public const KNOWN = 'account_session_known';

    /** Seconds between two notes of when a browser was seen. */
    private const SEEN_EVERY = 300;

    /** Seconds after which a sensitive act asks for the password again. */
    private const ASKED_FOR = 900;

    private const COOKIE = 'remembered';

    public function __construct(private Sessions $sessions) {}

    /** After the password was right. */
    public function begin(Request $request, User $account, bool $isRemembered): void
    {
        $token = $isRemembered ? Str::random(64) : null;
        $session = $this->sessions->begin($account, (string) $request->userAgent(), (string) $request->ip(), $token);
        $this->enter($request, $account, $session);
        $this->passwordGiven($request);
        if ($token !== null) {
            Cookie::queue(self::cookie($request), "{$session->id}|{$token}", Sessions::REMEMBERED_DAYS * 24 * 60);
        }
    }

    /** A browser that was asked to remember comes back: it is let in, but its password was not asked. */
    public function resume(Request $request): void
    {
        $cookie = $request->cookie(self::cookie($request));
        [$id, $token] = explode('|', is_string($cookie) ? $cookie : '', 2) + ['', ''];
        $session = $id === '' ? null : $this->sessions->remembered($id, $token);
        $account = $session === null ? null : $this->sessions->accountOf($session);
        if ($session !== null && $account !== null) {
            $this->enter($request, $account, $session);
        }
    }

    public function isGoingOn(Request $request, User $account): bool
    {
        $id = $request->session()->get(self::SESSION);
        if (!is_string($id) || $account->closed_at !== null) {
            return false;
        }
        [$ended, $at] = $request->session()->get(self::KNOWN, [-1, 0]);
        if ($ended !== $account->sessions_ended || $at < now()->getTimestamp() - self::SEEN_EVERY) {
            if ($this->sessions->alive($id, $account, (string) $request->ip()) === null) {
                return false;
            }
            $request->session()->put(self::KNOWN, self::knownOf($account));
        }

        return true;
    }

    /** @return array{int, int} */
    public static function knownOf(User $account): array
    {
        return [$account->sessions_ended, now()->getTimestamp()];
    }

    /** The session that a request belongs to. */
    public static function id(Request $request): string
    {
        return (string) $request->session()->get(self::SESSION);
    }

    public function passwordGiven(Request $request): void
    {
        $request->session()->put(self::ASKED_AT, now()->getTimestamp());
    }

    public static function wasPasswordAsked(Request $request): bool
    {
        return (int) $request->session()->get(self::ASKED_AT, 0) > now()->getTimestamp() - self::ASKED_FOR;
    }

    /** Signs out of this browser alone, for good: what it remembers is worth nothing any more. */
    public function end(Request $request): void
    {
        $account = $request->user();
        if ($account instanceof User) {
            $this->sessions->end($account, self::id($request));
            $this->sessions->keep($account);
        }
        Auth::guard('web')->logoutCurrentDevice();
        Cookie::queue(Cookie::forget(self::cookie($request)));
        $request->session()->invalidate();
        $request->session()->regenerateToken();
    }

    private function enter(Request $request, User $account, AccountSession $session): void
    {
        Auth::login($account);
        $request->session()->regenerate();
        $request->session()->put(self::SESSION, $session->id);
        $request->session()->put(self::KNOWN, self::knownOf($account));
    }

    private static function cookie(Request $request): string
    {
        return ($request->isSecure() ? '__Host-' : '') . self::COOKIE;
    }
}
