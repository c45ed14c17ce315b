<?php

declare(strict_types=1);

namespace Core\Gallery\Roles;

use Core\Gallery\Placement;
use Core\Matrix\Planning\MatrixChange;
use Core\Reach\ReachMapper;

/**
 * Two or more placements that carry the same role for the very same reach once a change has run, and did
 * not before: one of them has to be chosen.
 */
final readonly class RoleClash
{
    /** @param  non-empty-list<Placement>  $placements those whose reach the change leaves as it is first */
    public function __construct(public Role $role, public array $placements) {}

    /**
     * @param  list<Placement>  $placements  as they are before the change
     * @return list<self>
     */
    public static function of(MatrixChange $change, array $placements): array
    {
        $groups = [];
        foreach ($placements as $placement) {
            $before = $placement->reach->activeIn($change->from)->key();
            $after = ReachMapper::along($change)->reach($placement->reach)->activeIn($change->to);
            foreach ($after->isNothing() ? [] : $placement->roles as $role) {
                $groups[$role->value . ' ' . $after->key()][$before][] = $placement;
            }
        }
        $clashes = [];
        foreach ($groups as $key => $byReach) {
            if (count($byReach) > 1) {
                [$role, $after] = explode(' ', $key, 2);
                uksort($byReach, fn(string $a, string $b): int => ($b === $after) <=> ($a === $after));
                $clashes[] = new self(Role::from($role), array_merge(...array_values($byReach)));
            }
        }

        return $clashes;
    }

    /** The placement that keeps the role: the one chosen, else the first of the value that stays. */
    public function keeps(?int $chosenId): Placement
    {
        foreach ($this->placements as $placement) {
            if ($placement->id === $chosenId) {
                return $placement;
            }
        }

        return $this->placements[0];
    }

    /** What it is called in a form: the role and the placements. */
    public function key(): string
    {
        return $this->role->value .
            '-' .
            implode('-', array_map(fn(Placement $placement): int => $placement->id, $this->placements));
    }
}
