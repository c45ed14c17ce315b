<?php

declare(strict_types=1);

namespace App\Catalog;

use Core\Gallery\Placement;
use Core\Gallery\Role;
use Core\Gallery\RoleClash;
use Core\Matrix\MatrixChange;
use Core\Matrix\Plan;

/** A change of the matrix, decided but not stored: what it does to SKUs, codes and pictures. */
final readonly class PlannedChange
{
    /**
     * @param  array<string, string>  $codes  cell key => code of the SKUs to make
     * @param  list<string>  $toTray  file names of pictures that return to the tray
     * @param  list<string>  $fromTray  file names of pictures that come back to their place
     * @param  list<RoleClash>  $clashes  pictures that would have one role for the same reach
     * @param  array<string, int>  $roleChoices  clash key => id of the picture that keeps the role
     */
    public function __construct(
        public MatrixChange $change,
        public Plan $plan,
        public array $codes,
        public array $toTray,
        public array $fromTray,
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
        foreach ([[$this->toTray, 'to the tray'], [$this->fromTray, 'to their place']] as [$files, $where]) {
            if ($files !== []) {
                $words .= ', '.count($files).(count($files) === 1 ? ' picture returns ' : ' pictures return ').$where;
            }
        }

        return $words;
    }
}
