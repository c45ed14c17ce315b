<?php

declare(strict_types=1);

namespace Core\Sizes;

/**
 * A size as it was understood. Sizes of one family can be ordered by their rank.
 */
final readonly class Size
{
    /**
     * @param  string  $family  such as "letter", "number EU", "age", "volume"; empty where nothing was understood
     * @param  list<int>  $rank  compared part by part; numbers count in ten-thousandths, ages in months
     * @param  string  $folded  the name as it is compared, for sizes that were not understood
     */
    public function __construct(
        public string $typed,
        public string $family,
        public array $rank,
        private string $folded,
    ) {}

    /** Whether a family of sizes knows it, so that it has a place among others. */
    public function isKnown(): bool
    {
        return $this->family !== '';
    }

    /** Two sizes of the same identity are one size under two names: 2XL and XXL. */
    public function identity(): string
    {
        return $this->isKnown() ? $this->family . ' ' . implode('/', $this->rank) : 'as typed ' . $this->folded;
    }
}
