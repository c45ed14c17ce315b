<?php

declare(strict_types=1);

namespace Core\Matrix\Planning;

use Core\Matrix\Axis;
use Core\Matrix\AxisWithoutValues;
use Core\Matrix\Combination;
use Core\Matrix\Matrix;
use Core\Matrix\ValueToChoose;

/**
 * From one matrix to the next, with what the shapes alone cannot say: to which value of an added
 * axis the present SKUs belong (home), which value of a dropped axis stays (survivor), which value
 * hands over to which (succession), and which new value is made like which (likeness).
 */
final readonly class MatrixChange
{
    public Matrix $to;

    /** @var array<int, int> dropped axis id => value id */
    public array $survivors;

    /** Who takes over from whom. */
    public Handover $handover;

    /**
     * @param  Matrix  $to  its left-out rules are carried along, as reaches are
     * @param  array<int, int>  $homes  added axis id => value id
     * @param  array<int, int>  $survivors  dropped axis id => value id
     * @param  bool  $stockAddsUp  whether the stock of SKUs that collapse goes to the one that stays
     * @param  list<Succession>  $successions
     * @param  list<Likeness>  $likes
     * @param  bool  $comersStay  whether, where a value hands over to one that has a SKU in the cell too, the one that
     *   comes stays
     * @param  array<string, int>  $winners  key of a cell that several SKUs come to lie in => id of the SKU that stays
     * @param  array<string, array<int, int>>  $ownHomes  key of a cell of today => added axis id => the value that the
     *   SKU there goes to, where it is not the home of all
     *
     * @throws AxisWithoutValues
     * @throws ValueToChoose where an added axis has no home or a dropped one no survivor
     * @throws ImpossibleChange where a value hands over to one that is not there, or stays itself
     */
    public function __construct(
        public Matrix $from,
        Matrix $to,
        public array $homes = [],
        array $survivors = [],
        public bool $stockAddsUp = false,
        public array $successions = [],
        public array $likes = [],
        public bool $comersStay = false,
        public array $winners = [],
        private array $ownHomes = [],
    ) {
        $this->survivors = array_diff_key($survivors, array_flip($to->axisIds()));
        $this->handover = new Handover($from, $successions, $likes, $homes);
        $this->to = new Matrix(
            array_map($this->withSleepers(...), $to->axes),
            $to->leftOut->leftOutAfter($this->handover),
            [...array_values($from->sleeping), ...$this->fallAsleep($to)],
        );
        $this->check();
    }

    /** @return list<Axis> */
    public function added(): array
    {
        return array_values(
            array_filter($this->to->axes, fn(Axis $axis): bool => $this->from->axis($axis->id) === null),
        );
    }

    /** @return list<Axis> */
    public function dropped(): array
    {
        return array_values(
            array_filter($this->from->axes, fn(Axis $axis): bool => $this->to->axis($axis->id) === null),
        );
    }

    /** Whether the axis is dropped, and another takes its place. */
    public function isExchanged(int $axisId): bool
    {
        return isset($this->handover->heirs[$axisId]) && $this->to->axis($axisId) === null;
    }

    /** Whether no SKU can come to lie in another cell than it does now. */
    public function keepsCells(): bool
    {
        return $this->successions === [] && $this->added() === [] && $this->dropped() === [];
    }

    /**
     * The combination that a SKU would have if it were the one that stays; null where nothing takes over. What it
     * has on an axis that is dropped stays with it, so that it wakes with the axis; on an axis that is added it goes
     * to the home value, or back to its own where it was not the one that the product stood at meanwhile; a SKU on
     * offer whose own value does not return goes home too, where there is a cell for it.
     *
     * @param  bool  $isMade  whether the SKU is on offer; a retired one stays with a value that sleeps
     */
    public function landing(Combination $cell, bool $isMade = true): ?Combination
    {
        $values = $cell->values;
        foreach ($this->handover->heirs as $axisId => $heirs) {
            if (isset($values[$axisId])) {
                $heir = $heirs[$values[$axisId]] ?? null;
                if ($heir !== null) {
                    unset($values[$axisId]);
                    $values[$heir->toAxisId] = $heir->toValueId;
                } elseif ($this->isExchanged($axisId)) {
                    return null;
                }
            }
        }
        $moved = [];
        $ownHomes = $isMade ? $this->ownHomesOf($cell) : [];
        foreach ($ownHomes + $this->homes as $axisId => $home) {
            $own = $values[$axisId] ?? null;
            if (
                isset($ownHomes[$axisId]) ||
                $own === null ||
                $own === ($this->from->sleeping[$axisId]->standsAt ?? null)
            ) {
                $values[$axisId] = $home;
            } elseif ($isMade && $this->to->axis($axisId)?->has($own) === false) {
                $moved[$axisId] = $home;
            }
        }
        // Where there is no cell for it at the home values, it sleeps with its own value.
        $place = $moved === [] ? null : $this->to->place(Combination::of($moved + $values));
        if ($place !== null && $this->to->isOffered($place)) {
            $values = $moved + $values;
        }

        return Combination::of($values);
    }

    /** The combination with the home value of every added axis on which it has none. */
    public function atHome(Combination $cell): Combination
    {
        return Combination::of($cell->values + $this->homes);
    }

    /** @return array<int, int> added axis id => value id, where the SKU that lies there goes to a value of its own */
    private function ownHomesOf(Combination $cell): array
    {
        return $this->ownHomes === [] ? [] : $this->ownHomes[$this->from->place($cell)->key ?? ''] ?? [];
    }

    /** Whether a SKU would give up a value of its own on an axis that returns. */
    public function leavesItsOwn(Combination $cell, Combination $landing): bool
    {
        foreach ($this->homes as $axisId => $home) {
            $own = $cell->value($axisId);
            if (
                $own !== null &&
                $own !== ($this->from->sleeping[$axisId]->standsAt ?? null) &&
                $landing->value($axisId) !== $own
            ) {
                return true;
            }
        }

        return false;
    }

    /** Whether a SKU lies at the values that stay of all axes that are dropped, or sleep already. */
    public function isOnSurvivors(Combination $cell): bool
    {
        foreach ($this->to->sleeping as $axis) {
            if (($cell->values[$axis->id] ?? $axis->standsAt) !== $axis->standsAt) {
                return false;
            }
        }

        return true;
    }

    private function withSleepers(Axis $axis): Axis
    {
        $sleeping = array_values(
            array_diff([...$this->from->everyValueId($axis->id), ...$axis->sleeping], $axis->valueIds()),
        );

        return new Axis(
            $axis->id,
            $axis->name,
            $axis->kind,
            $axis->values,
            $axis->changesPicture,
            $axis->display,
            array_values(array_unique($sleeping)),
        );
    }

    /** @return list<SleepingAxis> the axes that are dropped */
    private function fallAsleep(Matrix $to): array
    {
        $gone = array_filter($this->from->axes, fn(Axis $axis): bool => $to->axis($axis->id) === null);

        return array_values(
            array_map(
                fn(Axis $axis): SleepingAxis => SleepingAxis::of(
                    $axis,
                    isset($this->handover->heirs[$axis->id]) ? null : $this->survivors[$axis->id] ?? null,
                ),
                $gone,
            ),
        );
    }

    private function check(): void
    {
        foreach ($this->to->axes as $axis) {
            if ($axis->count() === 0) {
                throw new AxisWithoutValues($axis->name);
            }
        }
        $heads = [];
        foreach ($this->successions as $succession) {
            $axis = $this->to->axis($succession->toAxisId);
            if ($axis === null || !$axis->has($succession->toValueId)) {
                throw ImpossibleChange::noTarget($axis->name ?? ($this->from->axis($succession->axisId)->name ?? ''));
            }
            if ($this->to->axis($succession->axisId)?->has($succession->valueId) === true) {
                throw ImpossibleChange::stillThere(
                    $axis->name,
                    $this->to->axis($succession->axisId)->value($succession->valueId)->label ?? '',
                );
            }
            $heads[$succession->toAxisId] = true;
        }
        foreach ($this->likes as $likeness) {
            $axis = $this->to->axis($likeness->axisId);
            if ($axis === null || !$axis->has($likeness->valueId) || !$axis->has($likeness->likeId)) {
                throw ImpossibleChange::noTarget($axis->name ?? '');
            }
            if ($this->from->axis($likeness->axisId)?->has($likeness->valueId) === true) {
                throw ImpossibleChange::notNew($axis->name, $axis->value($likeness->valueId)->label ?? '');
            }
        }
        foreach ($this->added() as $axis) {
            if (
                !isset($heads[$axis->id]) &&
                (!isset($this->homes[$axis->id]) || !$axis->has($this->homes[$axis->id]))
            ) {
                throw ValueToChoose::home($axis->name);
            }
        }
        foreach ($this->ownHomes as $own) {
            foreach ($own as $axisId => $valueId) {
                if (!isset($this->homes[$axisId]) || $this->to->axis($axisId)?->has($valueId) !== true) {
                    throw ValueToChoose::home($this->to->axis($axisId)->name ?? '');
                }
            }
        }
        foreach ($this->dropped() as $axis) {
            if (
                !$this->isExchanged($axis->id) &&
                (!isset($this->survivors[$axis->id]) || !$axis->has($this->survivors[$axis->id]))
            ) {
                throw ValueToChoose::survivor($axis->name);
            }
        }
    }
}
