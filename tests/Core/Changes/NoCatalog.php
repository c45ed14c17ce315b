<?php

declare(strict_types=1);

namespace Tests\Core\Changes;

use Core\Changes\Catalog;
use Core\Changes\Codes\NamedPattern;
use Core\Changes\Matrix\SharedAxis;
use Core\Changes\Skus\NamedRange;

/** A catalog with nothing in it but what a test says. */
final readonly class NoCatalog implements Catalog
{
    /**
     * @param  array<string, string>  $codes  in upper case => what has it
     * @param  array<string, string>  $gtins  => what has it
     * @param  array<int, NamedRange>  $ranges  by id
     * @param  list<SharedAxis>  $axes
     * @param  array<int, NamedPattern>  $patterns  by id
     */
    public function __construct(
        private array $codes = [],
        private array $gtins = [],
        private array $ranges = [],
        private array $axes = [],
        private array $patterns = [],
    ) {}

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

    public function highestNumbers(array $around): array
    {
        return array_fill_keys(array_keys($around), 0);
    }

    public function codePattern(int $id): ?NamedPattern
    {
        return $this->patterns[$id] ?? null;
    }

    public function axes(array $folded, array $ids): array
    {
        return array_values(
            array_filter(
                $this->axes,
                fn(SharedAxis $axis): bool => in_array($axis->folded, $folded, true) || in_array($axis->id, $ids, true),
            ),
        );
    }

    public function axisNames(): array
    {
        return array_column($this->axes, 'name');
    }
}
