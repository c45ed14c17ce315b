<?php

declare(strict_types=1);

namespace Tests\Core;

use Core\Changes\Catalog;
use Core\Changes\NamedRange;

/** A catalog with nothing in it but what a test says. */
final readonly class NoCatalog implements Catalog
{
    /**
     * @param  array<string, string>  $codes  in upper case => what has it
     * @param  array<string, string>  $gtins  => what has it
     * @param  array<int, NamedRange>  $ranges  by id
     */
    public function __construct(private array $codes = [], private array $gtins = [], private array $ranges = [])
    {
    }

    public function codes(array $codes, ?string $sharing, array $except): array
    {
        return array_intersect_key($this->codes, array_flip(array_map(mb_strtoupper(...), $codes)));
    }

    public function gtins(array $gtins, array $except): array
    {
        return array_intersect_key($this->gtins, array_flip($gtins));
    }

    public function gtinRange(int $id): ?NamedRange
    {
        return $this->ranges[$id] ?? null;
    }

    public function gtinsBetween(string $first, string $last): array
    {
        return [];
    }
}
