<?php

declare(strict_types=1);

namespace Core\Color\Measuring;

use Core\Color\Lab;

/**
 * Groups of near colors: each begins at the color that is farthest from all before it, and then the middles of all are
 * moved until they stay (k-means, Lloyd 1982). The middles are found among some of the colors, which is enough.
 */
final readonly class LabClusters
{
    /** @param  non-empty-array<int, Lab>  $centers  the middle of each group */
    private function __construct(private array $centers) {}

    /**
     * @param  non-empty-list<Lab>  $labs
     * @param  int  $groups  at most
     * @param  int  $lookedAt  colors among which the middles are found, about
     * @param  float  $step  ΔE*ab within which all is one group
     */
    public static function of(array $labs, int $groups, int $rounds, int $lookedAt, float $step): self
    {
        $every = max(1, intdiv(count($labs), $lookedAt));
        $some = array_map(fn(array $next): Lab => $next[0], array_chunk($labs, $every));
        $centers = [Lab::median($labs)];
        $nearest = array_map(fn(Lab $lab): float => $lab->distance($centers[0]), $some);
        while (count($centers) < $groups && max($nearest) > $step) {
            $center = $some[(int) array_search(max($nearest), $nearest, true)];
            $centers[] = $center;
            $nearest = array_map(
                fn(Lab $lab, float $before): float => min($before, $lab->distance($center)),
                $some,
                $nearest,
            );
        }
        $clusters = new self($centers);
        for ($round = 0; $round < $rounds; $round++) {
            $moved = array_map(Lab::mean(...), $clusters->parted($some));
            if ($moved == $clusters->centers) {
                break;
            }
            $clusters = new self($moved);
        }

        return $clusters;
    }

    /** @return int the group whose middle is nearest */
    public function groupOf(Lab $lab): int
    {
        [$best, $least] = [array_key_first($this->centers), INF];
        foreach ($this->centers as $group => $center) {
            // As Lab::distance(), squared: this is where the time goes.
            $distance =
                ($lab->lightness - $center->lightness) ** 2 + ($lab->a - $center->a) ** 2 + ($lab->b - $center->b) ** 2;
            if ($distance < $least) {
                [$best, $least] = [$group, $distance];
            }
        }

        return $best;
    }

    /**
     * @param  non-empty-list<Lab>  $labs
     * @return non-empty-array<int, non-empty-list<Lab>> by group
     */
    public function parted(array $labs): array
    {
        $groups = [];
        foreach ($labs as $lab) {
            $groups[$this->groupOf($lab)][] = $lab;
        }

        return $groups;
    }
}
