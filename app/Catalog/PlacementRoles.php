<?php

declare(strict_types=1);

namespace App\Catalog;

use Core\Gallery\Placement;
use Core\Gallery\Role;

/** The roles of a picture as they are stored. */
final class PlacementRoles
{
    public static function encode(Placement $placement): string
    {
        return json_encode(array_map(fn (Role $role): string => $role->value, array_values(array_filter(Role::cases(), $placement->carries(...)))), JSON_THROW_ON_ERROR);
    }

    /** With a role, or without it. */
    public static function with(Placement $placement, Role $role, bool $has): string
    {
        return self::encode($placement->doing(array_values(array_filter(Role::cases(), fn (Role $own): bool => $own === $role ? $has : $placement->carries($own)))));
    }
}
