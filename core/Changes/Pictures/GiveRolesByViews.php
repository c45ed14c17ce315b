<?php

declare(strict_types=1);

namespace Core\Changes\Pictures;

use Core\Changes\Catalog;
use Core\Changes\Changed;
use Core\Changes\ProductChange;
use Core\Gallery\Roles\Role;
use Core\Gallery\Roles\RolePlan;
use Core\Gallery\Roles\RoleRule;
use Core\Gallery\View;
use Core\Product\Product;
use Core\Refusal;
use Core\RefusalKind;

/** Gives roles to the pictures of a view, in every picture combination that has one. */
final readonly class GiveRolesByViews implements ProductChange
{
    /** @param  array<string, View>  $views  role's value => the view that is to have it */
    public function __construct(private array $views) {}

    /** @throws Refusal */
    public function on(Product $product, Catalog $catalog): Changed
    {
        if ($this->views === []) {
            throw new Refusal('Choose a view for at least one role.', RefusalKind::Missing, 'rule');
        }
        $said = fn(string $role, View $view): string => Role::from($role)->label() . " is the {$view->name}";
        $rule = implode(', ', array_map($said, array_keys($this->views), $this->views));

        return new Changed(
            $product->state->withChangedPictures($this->plan($product)->placements),
            "{$rule}, in every picture combination that has one",
        );
    }

    /** What becomes of the roles, combination by combination. */
    public function plan(Product $product): RolePlan
    {
        return (new RoleRule($this->views))->plan(
            $product->matrix,
            $product->madeCells(),
            $product->state->pictures,
            $product->galleries(),
            $product->opens(),
        );
    }
}
