<?php

declare(strict_types=1);

namespace Core\Color\Measuring;

use Core\Color\Lab;

/** Pixels of one color, in more or less light. */
final readonly class ColorGroup
{
    /** Part of the pixels that lie nearest together in lightness: between them is neither shadow nor highlight. */
    private const EVEN = 0.5;

    /**
     * How much wider than the narrowest such part one may be, and in L*, to be preferred for its light: shadows are
     * larger than highlights.
     */
    private const NEARLY = [1.05, 0.1];

    /** L* by which shadow and highlight differ from what is evenly lit. */
    private const CLEARLY = 4.0;

    /** @var non-empty-list<Lab> by lightness, the darkest first */
    private array $labs;

    /** Where the evenly lit part begins, and how many there are of it. */
    private int $from;

    private int $even;

    /** @param  non-empty-list<Lab>  $labs */
    public function __construct(array $labs)
    {
        usort($labs, fn(Lab $one, Lab $other): int => $one->lightness <=> $other->lightness);
        $this->labs = $labs;
        $this->even = max(1, (int) ceil(self::EVEN * count($labs)));
        $last = count($labs) - $this->even;
        $widths = array_map(
            fn(int $at): float => $labs[$at + $this->even - 1]->lightness - $labs[$at]->lightness,
            range(0, $last),
        );
        $most = self::NEARLY[0] * min($widths) + self::NEARLY[1];
        while ($widths[$last] > $most) {
            $last--;
        }
        $this->from = $last;
    }

    /** @return int pixels */
    public function count(): int
    {
        return count($this->labs);
    }

    /** The color where it is evenly lit. */
    public function color(): Lab
    {
        $even = array_slice($this->labs, $this->from, $this->even);

        return Lab::mean($even === [] ? $this->labs : $even);
    }

    /** @return int pixels that lie in shadow: clearly darker than the evenly lit ones */
    public function darker(): int
    {
        $least = $this->labs[$this->from]->lightness - self::CLEARLY;

        return count(array_filter($this->labs, fn(Lab $lab): bool => $lab->lightness < $least));
    }

    /** @return int pixels that shine: clearly brighter than the evenly lit ones */
    public function brighter(): int
    {
        $most = $this->labs[$this->from + $this->even - 1]->lightness + self::CLEARLY;

        return count(array_filter($this->labs, fn(Lab $lab): bool => $lab->lightness > $most));
    }
}
