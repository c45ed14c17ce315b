<?php

declare(strict_types=1);

namespace App\Http;

use App\Models\User;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Cookie;
use Illuminate\Support\Str;

/** Which accounts a browser has signed in to before, as an encrypted cookie of its own says. */
final readonly class KnownBrowser
{
    private const COOKIE = 'known_browser';

    private const MINUTES = 400 * 24 * 60;

    private const MOST_ACCOUNTS = 10;

    /** @param  list<int>  $accounts */
    private function __construct(public string $id, private array $accounts) {}

    public static function from(Request $request): self
    {
        $cookie = $request->cookie(self::COOKIE);
        $kept = is_string($cookie) ? json_decode($cookie, true, 3) : null;
        $id = $kept['id'] ?? null;

        return is_string($id) && is_array($kept['accounts'] ?? null)
            ? new self($id, array_values(array_map(intval(...), $kept['accounts'])))
            : new self((string) Str::uuid(), []);
    }

    public function knows(User $account): bool
    {
        return in_array($account->id, $this->accounts, true);
    }

    public function remember(User $account): void
    {
        $accounts = array_slice(array_values(array_unique([$account->id, ...$this->accounts])), 0, self::MOST_ACCOUNTS);
        Cookie::queue(
            self::COOKIE,
            json_encode(['id' => $this->id, 'accounts' => $accounts], JSON_THROW_ON_ERROR),
            self::MINUTES,
        );
    }
}
