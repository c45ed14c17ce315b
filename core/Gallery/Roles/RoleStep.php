<?php

declare(strict_types=1);

namespace Core\Gallery\Roles;

use Core\Gallery\Placement;
use Core\Matrix\Combination;

/** What becomes of one role in one picture combination. */
final readonly class RoleStep
{
    /** @param  ?Placement  $wanted  the picture that the rule means; null where the combination has none of the view */
    public function __construct(
        public Combination $part,
        public Role $role,
        public ?Placement $wanted,
        public RoleAnswer $before,
        public RoleAnswer $after,
    ) {}

    public function changes(): bool
    {
        return $this->before->placement()?->id !== $this->after->placement()?->id ||
            ($this->before->ground === Ground::Assigned) !== ($this->after->ground === Ground::Assigned);
    }

    /** Whether the rule means a picture, and another does the job all the same. */
    public function isThwarted(): bool
    {
        return $this->wanted !== null && $this->after->placement()?->id !== $this->wanted->id;
    }
}
