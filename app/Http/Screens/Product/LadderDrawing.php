<?php

declare(strict_types=1);

namespace App\Http\Screens\Product;

use Core\Details\Prices\LadderPrice;
use Core\Details\Prices\PriceLadder;
use Core\Matrix\Matrix;
use Core\Pricing\Money;
use Core\Reach\Selection;

/** Where the SKUs of a price ladder are drawn: along the axes from the left, a rung to each price from below. */
final readonly class LadderDrawing
{
    private const WIDTH = 1000;

    /** Of the prices at the left. */
    private const LEFT = 80;

    private const RUNG = 26;

    private const MOST_HEIGHT = 420;

    private const GAP = 10;

    /** Narrower marks are joined. */
    private const THIN = 4;

    /** @var list<LadderGroup> */
    public array $groups;

    /** @var list<LadderSpot> */
    public array $spots;

    public float $rung;

    public float $width;

    public function __construct(Matrix $matrix, public PriceLadder $ladder)
    {
        $first = $matrix->axes[0] ?? null;
        $this->rung = min(self::RUNG, self::MOST_HEIGHT / max(1, count($ladder->steps)));
        $count = count($ladder->prices);
        $groupCount =
            $first === null
                ? 1
                : count(
                    array_unique(
                        array_map(fn(LadderPrice $one): int => $one->cell->value($first->id) ?? 0, $ladder->prices),
                    ),
                );
        $this->width = $count === 0 ? 0 : min(26, (self::WIDTH - self::LEFT - self::GAP * $groupCount) / $count);
        $steps = array_flip(array_map(fn(Money $step): string => $step->shown(), $ladder->steps));
        $groups = $spots = [];
        $x = (float) self::LEFT;
        $last = null;
        foreach ($ladder->prices as $one) {
            $value = $first === null ? 0 : $one->cell->value($first->id) ?? 0;
            if ($value !== $last) {
                $x += $last === null ? 0 : self::GAP;
                $groups[$value] = new LadderGroup($first?->value($value)->label ?? '', $x, $x);
                $last = $value;
            }
            $spot = new LadderSpot(
                $one,
                Selection::at($one->cell)->key(),
                $matrix->inWords($one->cell),
                $x,
                $this->y($steps[$one->price->shown()]),
                isset($ladder->odd[$one->cell->key]),
                $this->width,
            );
            $before = $spots[count($spots) - 1] ?? null;
            // Too thin to be told apart, neighbors at one price are drawn as one.
            if ($this->width < self::THIN && $before?->isLike($spot) === true && $x > $groups[$value]->from) {
                array_pop($spots);
                $spot = $before->withNext($spot);
            }
            $spots[] = $spot;
            $x += $this->width;
            $groups[$value] = $groups[$value]->until($x);
        }
        $this->groups = array_values($groups);
        $this->spots = $spots;
    }

    public function height(): float
    {
        return $this->rung * count($this->ladder->steps) + 12;
    }

    /** What is seen of the drawing, with room for the names of the groups. */
    public function viewBox(): string
    {
        return '0 0 ' . self::WIDTH . ' ' . ($this->height() + 26);
    }

    /** @return list<LadderRung> */
    public function rungs(): array
    {
        return array_map(
            function (int $at, Money $step): LadderRung {
                $y = $this->y($at);

                return new LadderRung(
                    $step->shown(),
                    $y,
                    self::LEFT - 14,
                    'M' . (self::LEFT - 8) . " {$y}H" . self::WIDTH,
                    $this->isNamed($at),
                );
            },
            array_keys($this->ladder->steps),
            $this->ladder->steps,
        );
    }

    /** Of a step from the top. */
    private function y(int $step): float
    {
        return 8 + $this->rung * (count($this->ladder->steps) - $step - 0.5);
    }

    /** Whether a step's price is written beside it: all, or every so many where they are close. */
    private function isNamed(int $step): bool
    {
        return $step % max(1, (int) ceil(12 / $this->rung)) === 0;
    }

    /** @return list<LadderSpot> */
    public function odd(): array
    {
        return array_values(array_filter($this->spots, fn(LadderSpot $spot): bool => $spot->isOdd));
    }
}
