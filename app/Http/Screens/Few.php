<?php

declare(strict_types=1);

namespace App\Http\Screens;

/**
 * The first few of what may be many, and how many more there are.
 *
 * @template T
 */
final readonly class Few
{
    public int $all;

    /**
     * @param array<array-key, T> $shown
     * @param int $more how many are not shown
     */
    private function __construct(public array $shown, public int $more)
    {
        $this->all = count($shown) + $more;
    }

    /**
     * @template U
     * @param array<array-key, U> $all
     * @return self<U>
     */
    public static function of(array $all, int $most): self
    {
        return new self(array_slice($all, 0, $most, true), max(0, count($all) - $most));
    }
}
