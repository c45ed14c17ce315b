<?php

declare(strict_types=1);

namespace Core\Gallery\Coverage;

use Core\Matrix\Combination;

/** One picture combination against the shot list. */
final readonly class CoverageRow
{
    /**
     * @param  int  $skus  made cells of the combination
     * @param  int  $touched  how many of them lack a required view
     * @param  array<string, CoverageCell>  $cells  view's key => cell, in the shot list's order
     */
    public function __construct(
        public Combination $combination,
        public int $skus,
        public int $touched,
        public array $cells,
    ) {}

    /** How many of the views of a need are there or shared. */
    public function has(Need $need): int
    {
        return count(array_filter($this->of($need), fn(CoverageCell $cell): bool => $cell->cover !== Cover::Missing));
    }

    /** How many of the required views are missing. */
    public function lacks(): int
    {
        return count($this->of(Need::Required)) - $this->has(Need::Required);
    }

    /** "2 of 3 required · 1 of 2 wanted"; a need that the shot list does not know is not said. */
    public function inWords(): string
    {
        $parts = [];
        foreach ([Need::Required, Need::Wanted] as $need) {
            $count = count($this->of($need));
            $parts[] = $count === 0 ? '' : "{$this->has($need)} of {$count} {$need->value}";
        }

        return implode(' · ', array_filter($parts));
    }

    /** @return list<CoverageCell> what is missing and needed, in order */
    public function holes(): array
    {
        return array_values(array_filter($this->cells, fn(CoverageCell $cell): bool => $cell->isHole()));
    }

    /** @return array<string, CoverageCell> */
    private function of(Need $need): array
    {
        return array_filter($this->cells, fn(CoverageCell $cell): bool => $cell->shot->need === $need);
    }
}
