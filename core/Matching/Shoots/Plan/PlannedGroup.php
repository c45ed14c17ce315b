<?php

declare(strict_types=1);

namespace Core\Matching\Shoots\Plan;

use Core\Matrix\Combination;

/** Pictures of one part of a product, each at the place of its view. */
final readonly class PlannedGroup
{
    /**
     * @param  Combination  $part  of the product that they show; one that names nothing is not told yet
     * @param  array<int, non-empty-list<int>>  $cells  ids of files, by place from 0
     */
    public function __construct(public Combination $part, public array $cells) {}

    /** @return list<int> ids of the files, place by place */
    public function files(): array
    {
        $cells = $this->cells;
        ksort($cells);

        return array_merge(...array_values($cells));
    }

    public function placeOf(int $file): ?int
    {
        foreach ($this->cells as $place => $files) {
            if (in_array($file, $files, true)) {
                return $place;
            }
        }

        return null;
    }

    public function without(int $file): self
    {
        $cells = [];
        foreach ($this->cells as $place => $files) {
            $left = array_values(array_diff($files, [$file]));
            if ($left !== []) {
                $cells[$place] = $left;
            }
        }

        return new self($this->part, $cells);
    }

    public function with(int $file, int $place): self
    {
        $cells = $this->without($file)->cells;
        $cells[$place] = [...$cells[$place] ?? [], $file];

        return new self($this->part, $cells);
    }

    public function withPart(Combination $part): self
    {
        return new self($part, $this->cells);
    }

    /** All files from a place on, so many places later, or earlier where it is negative; none before the first. */
    public function shifted(int $from, int $by): self
    {
        $cells = [];
        foreach ($this->cells as $place => $files) {
            $to = $place < $from ? $place : max(0, $place + $by);
            $cells[$to] = [...$cells[$to] ?? [], ...$files];
        }

        return new self($this->part, $cells);
    }
}
