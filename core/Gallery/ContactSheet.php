<?php

declare(strict_types=1);

namespace Core\Gallery;

use Core\Gallery\Coverage\NumberedShot;
use Core\Gallery\Sequence\SequenceDifference;
use Core\Matrix\Axis;
use Core\Matrix\Combination;
use Core\Matrix\Matrix;

/** Every gallery of a product, one strip for each picture combination, and how their sequences differ. */
final readonly class ContactSheet
{
    /** The strip that the others are held against: the first of those whose sequence most have; null without any. */
    public ?Strip $reference;

    /** @param  list<Strip>  $strips  in the product's order */
    private function __construct(public array $strips)
    {
        $times = array_count_values(array_map(fn(Strip $strip): string => $strip->sequence(), $strips));
        $best = null;
        foreach ($strips as $strip) {
            $best = $best === null || $times[$strip->sequence()] > $times[$best->sequence()] ? $strip : $best;
        }
        $this->reference = $best;
    }

    /**
     * @param  list<Combination>  $made  in the product's order
     * @param  list<Placement>  $placements  in the one order
     */
    public static function of(Matrix $matrix, array $made, array $placements, Galleries $galleries): self
    {
        $axisIds = array_map(fn(Axis $axis): int => $axis->id, $matrix->pictureAxes());
        $places = array_flip(array_map(fn(Placement $placement): int => $placement->id, $placements));
        $parts = $cells = $entries = $shownBy = [];
        foreach ($made as $cell) {
            $part = $cell->on($axisIds);
            $parts[$part->key] = $part;
            $cells[$part->key][] = $cell;
            foreach ($galleries->of($cell)->entries as $entry) {
                $id = $entry->placement->id;
                $entries[$part->key][$places[$id]] ??= $entry;
                $shownBy[$part->key][$id] = ($shownBy[$part->key][$id] ?? 0) + 1;
            }
        }
        $strips = [];
        foreach ($parts as $key => $part) {
            $own = $entries[$key] ?? [];
            ksort($own);
            $own = array_values($own);
            $strips[] = new Strip(
                $part,
                $cells[$key],
                $own,
                $shownBy[$key] ?? [],
                NumberedShot::of(array_map(fn(Entry $entry): Placement => $entry->placement, $own)),
            );
        }

        return new self($strips);
    }

    public function difference(Strip $strip): SequenceDifference
    {
        return SequenceDifference::between($this->reference->shots ?? [], $strip->shots);
    }

    /** How many strips have the pictures that they share with the reference in another order. */
    public function outOfOrder(): int
    {
        return count(array_filter($this->strips, fn(Strip $strip): bool => $this->difference($strip)->moved !== []));
    }

    /** How many strips have another sequence than the reference. */
    public function differing(): int
    {
        return count(
            array_filter($this->strips, fn(Strip $strip): bool => $strip->sequence() !== $this->reference?->sequence()),
        );
    }

    /**
     * What stands under each other where strips are aligned by view: the sequence of the reference, and each other
     * picture behind what stands before it in its own strip.
     *
     * @return list<NumberedShot>
     */
    public function columns(): array
    {
        $columns = $this->reference->shots ?? [];
        $known = array_fill_keys(array_map(fn(NumberedShot $shot): string => $shot->key, $columns), true);
        foreach ($this->strips as $strip) {
            $after = null;
            foreach ($strip->shots as $shot) {
                if (!isset($known[$shot->key])) {
                    $known[$shot->key] = true;
                    array_splice($columns, $after === null ? 0 : $this->place($columns, $after) + 1, 0, [$shot]);
                }
                $after = $shot->key;
            }
        }

        return $columns;
    }

    /** @param  array<int, NumberedShot>  $columns */
    private function place(array $columns, string $key): int
    {
        foreach ($columns as $place => $column) {
            if ($column->key === $key) {
                return $place;
            }
        }

        return count($columns);
    }
}
