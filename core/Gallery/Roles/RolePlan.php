<?php

declare(strict_types=1);

namespace Core\Gallery\Roles;

use Core\Gallery\Placement;

/** What a rule for roles changes, shown before it runs. */
final readonly class RolePlan
{
    /**
     * @param  list<RoleStep>  $steps  one for each role and picture combination
     * @param  list<Placement>  $placements  as they are afterwards
     */
    public function __construct(public array $steps, public array $placements) {}

    /** @return list<RoleStep> */
    public function changes(): array
    {
        return array_values(array_filter($this->steps, fn(RoleStep $step): bool => $step->changes()));
    }

    /** @return list<RoleStep> where there is no picture of the view */
    public function without(): array
    {
        return array_values(array_filter($this->steps, fn(RoleStep $step): bool => $step->wanted === null));
    }

    /** @return list<RoleStep> where another does the job all the same */
    public function thwarted(): array
    {
        return array_values(array_filter($this->steps, fn(RoleStep $step): bool => $step->isThwarted()));
    }
}
