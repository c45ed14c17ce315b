<?php

declare(strict_types=1);

namespace Core\Reach;

use Core\Matrix\Combination;
use Core\Matrix\Matrix;
use Core\Matrix\UnreadableKey;

/**
 * What a change is meant for: parts of a matrix (the whole, rows, columns, cells) that somebody pointed at, typed, or
 * found by a condition. What it means for a product is asked of it with the product's matrix.
 */
final readonly class Selection
{
    private const WHOLE = '*';

    /** @param  list<Clause>  $parts  as they were pointed at, not joined */
    private function __construct(public array $parts) {}

    /** The whole product. */
    public static function whole(): self
    {
        return new self([Clause::everything()]);
    }

    /** No part of any product. */
    public static function nothing(): self
    {
        return new self([]);
    }

    /** The part that a combination, whole or partial, names. */
    public static function at(Combination $part): self
    {
        return new self([Clause::at($part)]);
    }

    /** A selection of all that a reach covers. */
    public static function of(Reach $reach): self
    {
        return new self($reach->clauses);
    }

    /**
     * @param  string  $key  "*" for the whole product, else keys of combinations, whole or partial, with ";" between;
     *   empty for nothing
     *
     * @throws UnreadableKey
     */
    public static function fromKey(string $key): self
    {
        return match ($key) {
            self::WHOLE => self::whole(),
            '' => self::nothing(),
            default => new self(
                array_map(fn(string $part): Clause => Clause::at(Combination::fromKey($part)), explode(';', $key)),
            ),
        };
    }

    /** As fromKey() reads it. */
    public function key(): string
    {
        $keys = [];
        foreach ($this->parts as $part) {
            if ($part->isEverything()) {
                return self::WHOLE;
            }
            array_push($keys, ...array_map(fn(Combination $one): string => $one->key, $part->parts()));
        }

        return implode(';', $keys);
    }

    /** Whether no part is meant. */
    public function isNothing(): bool
    {
        return $this->parts === [];
    }

    /** The very cells that are meant, made or not; what the matrix does not have is left aside. */
    public function cells(Matrix $matrix): Reach
    {
        // Left aside before anything is joined.
        $active = array_map(fn(Clause $clause): ?Clause => $clause->activeIn($matrix), $this->parts);

        return Reach::of(...array_filter($active, fn(?Clause $clause): bool => $clause !== null));
    }

    /**
     * The same in the fewest clauses that a person would say, which may take in cells that are not made.
     *
     * @param  list<Combination>  $made
     */
    public function reach(Matrix $matrix, array $made): Reach
    {
        $cells = $this->cells($matrix);

        return $cells->isEverything() ? $cells : (new Simplifier())->pointedAt($cells, $made, $matrix);
    }
}
