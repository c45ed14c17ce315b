<?php

declare(strict_types=1);

namespace Core\Matrix;

use Brick\Math\BigInteger;
use Core\Codes\CodeParts;
use Core\Codes\CodeValue;
use Core\Matrix\Planning\SleepingAxis;

/**
 * All cells of a product: its axes, and which combinations are deliberately not sold.
 * No axis means a single cell.
 */
final readonly class Matrix
{
    public const MOST_AXES = 6;

    public const MOST_CELLS = 10_000;

    /** @var array<int, Axis> by axis id, in the product's order */
    private array $byId;

    /** @var array<int, SleepingAxis> by axis id */
    public array $sleeping;

    /** What is left out of this matrix as it stands: the rules, less what lies dormant. */
    private LeftOut $standing;

    /**
     * @param  list<Axis>  $axes  in the product's order
     * @param  LeftOut  $leftOut  the combinations left out, as rules; rules that name an axis or a
     *                          value the product does not have lie dormant
     * @param  list<SleepingAxis>  $sleeping  axes that the product had once; those among the axes are awake
     *
     * @throws MatrixTooLarge
     */
    public function __construct(public array $axes, public LeftOut $leftOut, array $sleeping = [])
    {
        $this->byId = array_combine(array_map(fn(Axis $axis): int => $axis->id, $axes), $axes);
        if (count($axes) > self::MOST_AXES) {
            throw MatrixTooLarge::axes(count($axes));
        }
        $cells = array_reduce(
            $axes,
            fn(BigInteger $cells, Axis $axis): BigInteger => $cells->multipliedBy($axis->count()),
            BigInteger::one(),
        );
        if ($cells->isGreaterThan(self::MOST_CELLS)) {
            throw MatrixTooLarge::cells($cells);
        }
        $asleep = array_combine(array_map(fn(SleepingAxis $axis): int => $axis->id, $sleeping), $sleeping);
        $this->sleeping = array_diff_key($asleep, $this->byId);
        $this->standing = $leftOut->leftOutIn($this);
    }

    /**
     * @param  list<Axis>  $axes
     * @param  list<SleepingAxis>  $sleeping
     */
    public static function of(array $axes, ?LeftOut $leftOut = null, array $sleeping = []): self
    {
        return new self($axes, $leftOut ?? new NothingLeftOut(), $sleeping);
    }

    /** The same matrix with an axis changed, or with another in the place of one. */
    public function withAxis(Axis $axis, ?int $inPlaceOf = null): self
    {
        return new self(
            array_map(fn(Axis $own): Axis => $own->id === ($inPlaceOf ?? $axis->id) ? $axis : $own, $this->axes),
            $this->leftOut,
            array_values($this->sleeping),
        );
    }

    /**
     * Every value that the product has or had on an axis.
     *
     * @return list<int> empty for an axis that it never had
     */
    public function everyValueId(int $axisId): array
    {
        return ($this->byId[$axisId] ?? ($this->sleeping[$axisId] ?? null))?->everyValueId() ?? [];
    }

    /**
     * The matrix of all axes and values that the product has or had, so that what sleeps can be counted with;
     * null where that would be too large.
     */
    public function withSleepers(): ?self
    {
        $axes = [];
        foreach ([...$this->axes, ...$this->sleeping] as $axis) {
            $values = array_map(fn(int $id): Value => new Value($id, ''), $axis->everyValueId());
            $axes[] = new Axis($axis->id, '', AxisKind::Other, $values);
        }
        try {
            return new self($axes, new NothingLeftOut());
        } catch (MatrixTooLarge) {
            return null;
        }
    }

    /** Where a SKU lies in this matrix: its combination on the axes that there are; null where it lacks one. */
    public function place(Combination $combination): ?Combination
    {
        if (
            count($combination->values) === count($this->byId) &&
            array_diff_key($combination->values, $this->byId) === []
        ) {
            return $combination;
        }
        $place = $combination->on($this->axisIds());

        return count($place->values) === count($this->byId) ? $place : null;
    }

    /** What is left out of the matrix as it stands, in its own axes and values. */
    public function leftOutNow(): LeftOut
    {
        return $this->standing;
    }

    /** The axis of that id; null where the product does not have it at the moment. */
    public function axis(int $axisId): ?Axis
    {
        return $this->byId[$axisId] ?? null;
    }

    /** The axis that has the value. */
    public function axisOf(int $valueId): ?Axis
    {
        foreach ($this->axes as $axis) {
            if ($axis->has($valueId)) {
                return $axis;
            }
        }

        return null;
    }

    /** @return list<int> in the product's order */
    public function axisIds(): array
    {
        return array_keys($this->byId);
    }

    /** The axes' sizes multiplied; 1 without axes; 0 where an axis has no values. */
    public function cellCount(): int
    {
        $count = 1;
        foreach ($this->axes as $axis) {
            $count *= $axis->count();
        }

        return $count;
    }

    /**
     * Every combination, made or not, in canonical order (axes and values by id), so that
     * whatever is computed from it does not depend on the order on screen.
     *
     * @return list<Combination>
     */
    public function combinations(): array
    {
        $axes = $this->byId;
        ksort($axes);
        /** @var list<array{array<int, int>, string}> $rows */
        $rows = [[[], '']];
        foreach ($axes as $axisId => $axis) {
            $valueIds = $axis->valueIds();
            sort($valueIds);
            $longer = [];
            foreach ($rows as [$values, $key]) {
                $stem = $key === '' ? $axisId . ':' : $key . ',' . $axisId . ':';
                foreach ($valueIds as $valueId) {
                    $values[$axisId] = $valueId;
                    $longer[] = [$values, $stem . $valueId];
                }
            }
            $rows = $longer;
        }

        return array_map(fn(array $row): Combination => Combination::ready($row[0], $row[1]), $rows);
    }

    /**
     * The combinations that are not left out, in canonical order.
     *
     * @return list<Combination>
     */
    public function offered(): array
    {
        return $this->standing->sparing($this->combinations());
    }

    /**
     * Whether the combination is a cell of this matrix: every axis named, no other, each with a value of the product's.
     */
    public function isCell(Combination $combination): bool
    {
        if (count($combination->values) !== count($this->byId)) {
            return false;
        }
        foreach ($combination->values as $axisId => $valueId) {
            if (!isset($this->byId[$axisId]) || !$this->byId[$axisId]->has($valueId)) {
                return false;
            }
        }

        return true;
    }

    /** Whether the combination is a cell that is not left out. */
    public function isOffered(Combination $combination): bool
    {
        return $this->isCell($combination) && !$this->standing->covers($combination);
    }

    /**
     * The axes whose values change what a picture shows.
     *
     * @return list<Axis>
     */
    public function pictureAxes(): array
    {
        return array_values(array_filter($this->axes, fn(Axis $axis): bool => $axis->changesPicture));
    }

    /**
     * The combination's labels in the product's axis order.
     *
     * @return array<string, string> axis name => value label
     */
    public function choice(Combination $combination): array
    {
        $choice = [];
        foreach ($this->axes as $axis) {
            $value = $axis->value($combination->value($axis->id) ?? 0);
            if ($value !== null) {
                $choice[$axis->name] = $value->label;
            }
        }

        return $choice;
    }

    /** Where a cell lies, or what a part of the matrix is, in words: "Moss, M"; empty where nothing is chosen. */
    public function inWords(Combination $part): string
    {
        return implode(', ', $this->choice($part));
    }

    /** The same, with a word for where nothing is chosen. A value may be called "0". */
    public function inWordsOr(Combination $part, string $whole): string
    {
        $words = $this->inWords($part);

        return $words === '' ? $whole : $words;
    }

    /**
     * What the codes of SKUs in these cells are put together of.
     *
     * @param  list<Combination>  $cells
     * @return list<CodeParts>
     */
    public function codeParts(array $cells): array
    {
        return array_map(
            fn(Combination $cell): CodeParts => new CodeParts(
                $cell->key,
                array_column(
                    array_map(function (Axis $axis) use ($cell): array {
                        $value = $axis->value($cell->value($axis->id) ?? 0);

                        return [$axis->id, new CodeValue($axis->name, $value->label ?? '', $value->code ?? '')];
                    }, $this->axes),
                    1,
                    0,
                ),
                $this->inWordsOr($cell, 'the single SKU'),
            ),
            $cells,
        );
    }

    /**
     * Cells as a person reads them: sorted by the product's own order of axes and values.
     *
     * @param  list<Combination>  $cells
     * @return list<Combination>
     */
    public function inOrder(array $cells): array
    {
        $ranks = [];
        foreach ($cells as $cell) {
            // As digits of one number, each axis with a place more for what it does not have.
            $rank = 0;
            foreach ($this->axes as $axis) {
                $rank = $rank * ($axis->count() + 1) + ($axis->place($cell->values[$axis->id] ?? 0) ?? $axis->count());
            }
            $ranks[] = $rank;
        }
        array_multisort($ranks, SORT_NUMERIC, array_keys($cells), $cells);

        return $cells;
    }
}
