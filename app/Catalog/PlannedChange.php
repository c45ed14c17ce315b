<?php

declare(strict_types=1);

namespace App\Catalog;

use Core\Codes\PlannedCodes;
use Core\Gallery\Placement;
use Core\Gallery\Role;
use Core\Gallery\RoleClash;
use Core\Matrix\MatrixChange;
use Core\Matrix\Plan;

/** A change of the matrix, decided but not stored: what it does to SKUs, codes and pictures. */
final readonly class PlannedChange
{
    /**
     * @param  list<RoleClash>  $clashes  pictures that would have one role for the same reach
     * @param  array<string, int>  $roleChoices  clash key => id of the picture that keeps the role
     */
    public function __construct(
        public MatrixChange $change,
        public Plan $plan,
        public PlannedCodes $codes,
        public PictureChanges $pictures,
        public array $clashes,
        private array $roleChoices,
    ) {
    }

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

        return array_values(array_filter($placement->roles, fn (Role $role): bool => ! in_array($role, $lost, true)));
    }

    public function inWords(): string
    {
        $words = $this->plan->inWords();
        foreach ([[$this->pictures->toTray, 'to the tray'], [$this->pictures->fromTray, 'to their place']] as [$files, $where]) {
            if ($files !== []) {
                $words .= ', '.count($files).(count($files) === 1 ? ' picture returns ' : ' pictures return ').$where;
            }
        }

        return $words;
    }
}
