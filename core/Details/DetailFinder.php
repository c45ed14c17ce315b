<?php

declare(strict_types=1);

namespace Core\Details;

use Core\Matrix\Combination;
use Core\Matrix\Matrix;
use Core\Reach\ReachIndex;

/** One kind of detail, asked for many SKUs. */
final readonly class DetailFinder
{
    /** @param  list<array{ReachIndex, string}>  $parts  that say otherwise; the first that covers a SKU holds */
    private function __construct(private string $whole, private array $parts) {}

    /** @param  list<ReachedDetail>  $parts */
    public static function of(string $whole, array $parts, Matrix $matrix): self
    {
        return new self(
            $whole,
            array_map(
                fn(ReachedDetail $part): array => [
                    new ReachIndex($part->reach->activeIn($matrix)->clauses),
                    $part->text,
                ],
                $parts,
            ),
        );
    }

    /** What holds at a SKU; empty for nothing. */
    public function at(Combination $cell): string
    {
        foreach ($this->parts as [$index, $text]) {
            if ($index->covers($cell)) {
                return $text;
            }
        }

        return $this->whole;
    }

    /** Whether the SKU's part says otherwise than the product. */
    public function isOwnAt(Combination $cell): bool
    {
        foreach ($this->parts as [$index]) {
            if ($index->covers($cell)) {
                return true;
            }
        }

        return false;
    }

    /** Whether nothing is said anywhere. */
    public function isNone(): bool
    {
        return $this->whole === '' && $this->parts === [];
    }
}
