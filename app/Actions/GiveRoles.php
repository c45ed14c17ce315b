<?php

declare(strict_types=1);

namespace App\Actions;

use App\Catalog\LoadedProduct;
use App\Catalog\PlacementRoles;
use App\Changing\UnitOfWork;
use App\History\Change;
use App\Ledger\Ledger;
use App\Models\HistoryEntry;
use Core\Gallery\Role;
use Core\Gallery\RolePlan;
use Core\Gallery\RoleRule;
use Core\Gallery\View;
use Core\Refusal;
use Core\RefusalKind;

/** Gives roles by a rule over all picture combinations: "Lead is the front, Hover the back". */
final class GiveRoles
{
    public function __construct(private readonly UnitOfWork $work)
    {
    }

    /** @param  array<string, View>  $views  role's value => the view that is to have it */
    public function run(Change $change, array $views): ?HistoryEntry
    {
        if ($views === []) {
            throw new Refusal('Choose a view for at least one role.', RefusalKind::Missing, 'rule');
        }

        return $this->work->keep($change, self::class, function (Ledger $ledger, LoadedProduct $loaded) use ($views): string {
            $plan = self::plan($loaded, $views);
            $updates = [];
            foreach ($plan->placements as $placement) {
                $updates[$placement->id] = ['roles' => PlacementRoles::encode($placement)];
            }
            $ledger->update('placements', $updates);
            $rule = implode(', ', array_map(fn (string $role, View $view): string => Role::from($role)->label()." is the {$view->name}", array_keys($views), $views));

            return "{$rule}, in every picture combination that has one";
        });
    }

    /** @param  array<string, View>  $views */
    public static function plan(LoadedProduct $loaded, array $views): RolePlan
    {
        return (new RoleRule($views))->plan($loaded->matrix, $loaded->madeCells(), $loaded->corePlacements(), $loaded->galleries(), $loaded->opens());
    }
}
