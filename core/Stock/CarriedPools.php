<?php

declare(strict_types=1);

namespace Core\Stock;

use Core\Details\Counting;
use Core\Details\DetailKind;
use Core\Details\Details;
use Core\Matrix\Combination;
use Core\Matrix\Matrix;
use Core\Matrix\Planning\MatrixChange;
use Core\Reach\Clause;
use Core\Reach\Reach;

/**
 * What becomes of units that are counted by picture combination, where the matrix or its picture axes change. They go
 * where the SKUs go that are sold from them: to the home value, to the first part of a split; they add up where several
 * become one and stock is to add up; what is made like another has none of them. There are never more than there were.
 */
final readonly class CarriedPools
{
    /** @var array<string, Combination> of the picture combinations after it, in the matrix's order */
    private array $places;

    /** @var array<string, array<string, ?int>> place after => place before => units */
    private array $units;

    /**
     * @param  Details  $before  as they are said before the change
     * @param  Details  $carried  as they are after it, without regard to units
     * @param  list<array{?Combination, Combination, ?int}>  $landed  cell after the change, place and units before it
     */
    private function __construct(
        private Matrix $from,
        private Matrix $to,
        private Details $before,
        Details $carried,
        array $landed,
        private bool $addsUp,
    ) {
        $book = new StockBook($carried, $to);
        $places = $units = $first = [];
        foreach ($to->inOrder($to->offered()) as $cell) {
            $place = $book->part($cell);
            $places[$place->key] ??= $place;
        }
        foreach ($landed as [$cell, $part, $count]) {
            $place = $cell === null ? null : $book->part($cell);
            if ($place !== null && ($first[$part->key] ??= $place->key) === $place->key) {
                $units[$place->key][$part->key] = $count;
            }
        }
        $this->places = $places;
        $this->units = $units;
    }

    /**
     * @param  Details  $carried  as they are after the change, without regard to units
     * @param  list<array{Combination, Combination, ?int}>  $skus  on offer before it, in the matrix's order: with its
     * values on axes that sleep, its picture combination, and the units of that
     */
    public static function along(MatrixChange $change, Details $before, Details $carried, array $skus): Details
    {
        $landed = [];
        foreach ($skus as [$combination, $part, $units]) {
            $landing = $change->landing($combination);
            $landed[] = [$landing === null ? null : $change->to->place($landing), $part, $units];
        }

        return (new self($change->from, $change->to, $before, $carried, $landed, $change->stockAddsUp))->carry(
            $carried,
        );
    }

    /**
     * Where other axes change what a picture shows: units are joined, or stay with the first of those that they part
     * into.
     *
     * @param  list<array{Combination, Combination, ?int}>  $skus  as above, each with its cell
     */
    public static function withPictureAxes(Matrix $from, Matrix $to, Details $details, array $skus): Details
    {
        return (new self($from, $to, $details, $details, $skus, true))->carry($details);
    }

    private function carry(Details $carried): Details
    {
        $book = new StockBook($carried, $this->to);
        if ($book->counting !== Counting::Pictures) {
            return $carried;
        }
        if ($this->to->pictureAxes() !== []) {
            $carried = $carried->withWhole(DetailKind::PictureUnits, '');
        }
        $carried = $this->withoutWhatWent($carried);
        $said = new StockBook($carried, $this->to);
        $anew = [];
        $waking = $this->waking();
        foreach ($this->places as $key => $place) {
            $units = isset($this->units[$key]) ? $this->landedAt($place, $book) : $waking[$key] ?? null;
            $isJoined = $this->addsUp && count($this->units[$key] ?? []) > 1;
            if ($isJoined || $said->of($place, null) !== $units) {
                $anew[(string) $units][] = Clause::at($place);
            }
        }
        foreach ($anew as $units => $clauses) {
            $carried = $carried->pooled(Reach::of(...$clauses), $units === '' ? null : (string) $units, $this->to);
        }

        return $carried;
    }

    /** Units that went elsewhere are no longer there to wake, should their place come back. */
    private function withoutWhatWent(Details $carried): Details
    {
        $went = [];
        foreach (array_intersect_key($this->units, $this->places) as $landed) {
            foreach ($this->addsUp || count($landed) === 1 ? array_keys($landed) : [] as $key) {
                $place = Combination::fromKey((string) $key);
                if ($place->values !== [] && !isset($this->places[$key])) {
                    $went[] = Clause::at($place);
                }
            }
        }

        return $went === []
            ? $carried
            : $carried->with(DetailKind::PictureUnits, Reach::of(...$went), null, $this->from);
    }

    private function landedAt(Combination $place, StockBook $carried): ?int
    {
        $landed = $this->units[$place->key];
        $counted = array_filter($landed, fn(?int $units): bool => $units !== null);

        return match (true) {
            count($landed) === 1 => reset($landed),
            // Of several that become one, what was said of the one that stays holds.
            !$this->addsUp => $carried->of($place, null),
            default => $counted === [] ? null : array_sum($counted),
        };
    }

    /**
     * Units that were counted once and slept meanwhile. Where pictures differ by more axes than when they were counted,
     * the first of the places that they were counted for has them.
     *
     * @return array<string, int> place => units
     */
    private function waking(): array
    {
        $slept = $this->before->parts(DetailKind::PictureUnits);
        $awake = $waking = [];
        foreach ($this->places as $key => $place) {
            $known = $place->on(array_map(fn($axis): int => $axis->id, $this->from->axes));
            foreach (isset($this->units[$key]) ? [] : $slept as $part) {
                foreach ($part->reach->clauses as $clause) {
                    if (!$clause->covers($place) || $part->reach->activeIn($this->from)->covers($known)) {
                        continue;
                    }
                    $counted = $place->on($clause->axisIds())->key;
                    if (!isset($awake[$counted])) {
                        $awake[$counted] = true;
                        $waking[$key] = (int) $part->text;
                    }

                    continue 3;
                }
            }
        }

        return $waking;
    }
}
