<?php

declare(strict_types=1);

namespace App\Http\Screens\Pictures;

use Core\Gallery\Placement;
use Core\Gallery\Roles\Role;

/** A role in one picture combination. */
final readonly class RoleCell
{
    /**
     * @param  ?Placement  $placement  null where nobody does it
     * @param  bool  $isClash  whether another picture of the same narrowness has the role as well
     * @param  string  $brief  why in a few words
     * @param  string  $reason  why, as a sentence
     * @param  int  $others  how many other pictures do it for some of the SKUs
     */
    public function __construct(
        public Role $role,
        public ?Placement $placement,
        public ?string $thumb,
        public bool $isAssigned,
        public bool $isClash,
        public string $brief,
        public string $reason,
        public int $others,
    ) {}

    public function inWords(): string
    {
        return match (true) {
            $this->placement === null => 'none',
            $this->isClash => __('pictures.assigned_twice'),
            $this->isAssigned => 'assigned',
            default => __('pictures.stepped_in'),
        };
    }
}
