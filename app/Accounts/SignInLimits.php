<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Models\User;
use Core\Text\Name;
use Illuminate\Support\Facades\RateLimiter;

/**
 * How often somebody may guess. A browser that has signed in to an account before is counted by itself, so that
 * neither a guesser elsewhere nor a colleague behind the same address of the network keeps its owner out. All
 * others are counted by account, as the database finds it, and by address of the network.
 */
final readonly class SignInLimits
{
    private const FROM_BROWSER = [[10, 60], [100, 3600]];

    private const OF_ACCOUNT = [[5, 60], [50, 3600]];

    private const FROM_ADDRESS = [[30, 60], [300, 3600]];

    /** @param  array<string, array{int, int}>  $limits  counter => tries, and within how many seconds */
    private function __construct(private array $limits) {}

    /**
     * @param  ?User  $account  with the address given; null where nobody has it
     * @param  string  $address  of the network
     * @param  ?string  $knownBrowser  that has signed in to the account before; null where it is another
     */
    public static function of(?User $account, string $email, string $address, ?string $knownBrowser): self
    {
        if ($account !== null && $knownBrowser !== null) {
            return new self(self::counters("browser:{$knownBrowser}:{$account->id}", self::FROM_BROWSER));
        }

        return new self([
            ...self::counters(
                $account === null ? 'nobody:' . hash('sha256', Name::of($email)->folded) : "account:{$account->id}",
                self::OF_ACCOUNT,
            ),
            ...self::counters("address:{$address}", self::FROM_ADDRESS),
        ]);
    }

    /**
     * Takes one try before it is known whether it fits: of many that are sent at once, no more are looked at than of as
     * many one after the other.
     *
     * @return int how many seconds to wait before another try; 0 where this one is within the limits
     */
    public function take(): int
    {
        $wait = 0;
        foreach ($this->limits as $counter => [$tries, $seconds]) {
            if (RateLimiter::hit($counter, $seconds) > $tries) {
                $wait = max($wait, RateLimiter::availableIn($counter), 1);
            }
        }
        // What is not looked at is no try.
        if ($wait > 0) {
            $this->giveBack(array_keys($this->limits));
        }

        return $wait;
    }

    /** Only what fails counts: whoever signs in was not guessing. */
    public function passed(): void
    {
        foreach (array_keys($this->limits) as $counter) {
            str_contains($counter, ':address:') ? $this->giveBack([$counter]) : RateLimiter::clear($counter);
        }
    }

    /** @param  list<string>  $counters */
    private function giveBack(array $counters): void
    {
        foreach ($counters as $counter) {
            RateLimiter::decrement($counter, $this->limits[$counter][1]);
        }
    }

    /**
     * @param  list<array{int, int}>  $limits
     * @return array<string, array{int, int}>
     */
    private static function counters(string $name, array $limits): array
    {
        return array_combine(array_map(fn(array $limit): string => "sign-in:{$name}:{$limit[1]}", $limits), $limits);
    }
}
