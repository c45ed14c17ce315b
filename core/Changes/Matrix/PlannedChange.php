<?php

declare(strict_types=1);

namespace Core\Changes\Matrix;

use Core\Codes\PlannedCodes;
use Core\Details\Details;
use Core\Details\Prices\PriceList;
use Core\Details\Prices\PriceMove;
use Core\Gallery\Placement;
use Core\Gallery\Roles\Role;
use Core\Gallery\Roles\RoleClash;
use Core\Matrix\Planning\MatrixChange;
use Core\Matrix\Planning\Plan;
use Core\Stock\UnitMove;

/** A change of the matrix, decided but not stored: what it does to SKUs, codes and pictures. */
final readonly class PlannedChange
{
    /**
     * @param  Details  $details  what is said of parts, and units that several SKUs share, after the change
     * @param  PriceList  $prices  how prices come about after the change
     * @param  list<PriceMove>  $priceMoves  prices that change
     * @param  list<UnitMove>  $unitMoves  units that go elsewhere
     * @param  list<RoleClash>  $clashes  pictures that would have one role for the same reach
     * @param  array<string, int>  $roleChoices  clash key => id of the picture that keeps the role
     */
    public function __construct(
        public MatrixChange $change,
        public Plan $plan,
        public PlannedCodes $codes,
        public PictureChanges $pictures,
        public Details $details,
        public PriceList $prices,
        public array $priceMoves,
        public array $unitMoves,
        public array $clashes,
        private array $roleChoices,
    ) {}

    /** The picture that keeps the role of a clash. */
    public function keeps(RoleClash $clash): Placement
    {
        return $clash->keeps($this->roleChoices[$clash->key()] ?? null);
    }

    /** @return list<Role> the roles that a picture has after the change */
    public function rolesOf(Placement $placement): array
    {
        $lost = [];
        foreach ($this->clashes as $clash) {
            if (in_array($placement, $clash->placements, true) && $this->keeps($clash) !== $placement) {
                $lost[] = $clash->role;
            }
        }

        return array_values(array_filter($placement->roles, fn(Role $role): bool => !in_array($role, $lost, true)));
    }

    /** What happens to SKUs and pictures: what is to be shown before it runs, with more in lines of their own. */
    public function summary(): string
    {
        $words = $this->plan->inWords();
        $returning = ['to the tray' => $this->pictures->toTray, 'to their place' => $this->pictures->fromTray];
        foreach ($returning as $where => $files) {
            if ($files !== []) {
                $words .=
                    ', ' . count($files) . (count($files) === 1 ? ' picture returns ' : ' pictures return ') . $where;
            }
        }

        return $words;
    }

    /** The same with prices and units, as the history keeps it. */
    public function inWords(): string
    {
        $words = $this->summary();
        if ($this->priceMoves !== []) {
            $words .= ', changes prices: ' . PriceMove::allInWords($this->priceMoves, 3);
        }
        if ($this->unitMoves !== []) {
            $words .= ', moves units: ' . UnitMove::allInWords($this->unitMoves, 3);
        }

        return $words;
    }
}
