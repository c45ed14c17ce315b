<?php

declare(strict_types=1);

namespace Core\Gallery\Roles;

use Core\Gallery\ContactSheet;
use Core\Gallery\Galleries;
use Core\Gallery\Opening;
use Core\Gallery\Placement;
use Core\Gallery\Strip;
use Core\Gallery\View;
use Core\Matrix\Combination;
use Core\Matrix\Matrix;

/**
 * Roles given by a rule, such as "Lead is the front, Hover the back, in every color": in each picture combination the
 * first picture of the view gets the role, and whoever had it there and nowhere else gives it up.
 */
final readonly class RoleRule
{
    /** @param  array<string, View>  $views  role's value => the view that is to have it */
    public function __construct(private array $views) {}

    /**
     * @param  list<Combination>  $made  in the product's order
     * @param  list<Placement>  $placements  in the one order
     */
    public function plan(Matrix $matrix, array $made, array $placements, Galleries $before, Opening $opening): RolePlan
    {
        $sheet = ContactSheet::of($matrix, $made, $placements, $before);
        $roles = [];
        foreach ($placements as $placement) {
            $roles[$placement->id] = $placement->roles;
        }
        $wanted = [];
        foreach ($this->views as $name => $view) {
            $role = Role::from($name);
            foreach ($sheet->strips as $strip) {
                $wanted[$name][$strip->part->key] = $this->first($strip, $view);
            }
            $chosen = array_map(
                fn(Placement $placement): int => $placement->id,
                array_values(array_filter($wanted[$name] ?? [])),
            );
            foreach ($placements as $placement) {
                $has =
                    in_array($placement->id, $chosen, true) ||
                    ($placement->carries($role) && $this->isNeeded($placement, $sheet, $wanted[$name] ?? []));
                $roles[$placement->id] = $this->with($roles[$placement->id], $role, $has);
            }
        }
        $after = array_map(
            fn(Placement $placement): Placement => $placement->doing($roles[$placement->id]),
            $placements,
        );
        $galleries = new Galleries($matrix, $made, $after, $opening);
        $steps = [];
        foreach ($sheet->strips as $strip) {
            $cell = $strip->cells[0];
            foreach (array_keys($this->views) as $name) {
                $role = Role::from($name);
                $steps[] = new RoleStep(
                    $strip->part,
                    $role,
                    $wanted[$name][$strip->part->key],
                    $before->of($cell)->role($role),
                    $galleries->of($cell)->role($role),
                );
            }
        }

        return new RolePlan($steps, $after);
    }

    /** The first still of the view that every SKU of the strip shows; else the first that any does. */
    private function first(Strip $strip, View $view): ?Placement
    {
        $any = null;
        foreach ($strip->entries as $entry) {
            if ($entry->placement->isStill && $entry->placement->view?->is($view) === true) {
                $any ??= $entry->placement;
                if ($strip->shownBy[$entry->placement->id] === $strip->skus()) {
                    return $entry->placement;
                }
            }
        }

        return $any;
    }

    /**
     * Whether a picture that has the role does it where the rule means none.
     *
     * @param  array<string, ?Placement>  $wanted  by the combination's key
     */
    private function isNeeded(Placement $placement, ContactSheet $sheet, array $wanted): bool
    {
        foreach ($sheet->strips as $strip) {
            if (isset($strip->shownBy[$placement->id]) && $wanted[$strip->part->key] === null) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  list<Role>  $roles
     * @return list<Role> in the order of roles
     */
    private function with(array $roles, Role $role, bool $has): array
    {
        return array_values(
            array_filter(Role::cases(), fn(Role $one): bool => $one === $role ? $has : in_array($one, $roles, true)),
        );
    }
}
