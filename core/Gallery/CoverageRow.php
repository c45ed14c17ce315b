<?php

declare(strict_types=1);

namespace Core\Gallery;

use Core\Matrix\Combination;

/** One picture combination against the shot list. */
final readonly class CoverageRow
{
    /** @param  array<string, Cover>  $views view's value => cover, in the shot list's order */
    public function __construct(
        public Combination $combination,
        public array $views,
        private ShotList $shotList,
    ) {
    }

    /** How many of the required views, or of those that are only wanted, are there or shared. */
    public function has(bool $required): int
    {
        return count(array_filter($this->kind($required), fn (Cover $cover): bool => $cover !== Cover::Missing));
    }

    /** How many of the required views are missing. */
    public function lacks(): int
    {
        return count($this->kind(true)) - $this->has(true);
    }

    /** "2 of 3 required · 1 of 2 wanted"; a kind that the shot list does not know is not said. */
    public function inWords(): string
    {
        $parts = [];
        foreach (['required' => true, 'wanted' => false] as $word => $required) {
            $count = count($this->kind($required));
            $parts[] = $count === 0 ? '' : "{$this->has($required)} of {$count} {$word}";
        }

        return implode(' · ', array_filter($parts));
    }

    /** @return array<string, Cover> */
    private function kind(bool $required): array
    {
        return array_filter($this->views, fn (string $view): bool => $this->shotList->requires(View::from($view)) === $required, ARRAY_FILTER_USE_KEY);
    }

    /** @return list<View> */
    public function missing(): array
    {
        return array_map(
            fn (string $view): View => View::from($view),
            array_keys(array_filter($this->views, fn (Cover $cover): bool => $cover === Cover::Missing)),
        );
    }
}
