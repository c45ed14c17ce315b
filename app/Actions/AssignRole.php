<?php

declare(strict_types=1);

namespace App\Actions;

use App\Catalog\ChosenPictures;
use App\Catalog\LoadedProduct;
use App\Catalog\PlacementRoles;
use App\Changing\UnitOfWork;
use App\History\Change;
use App\Ledger\Ledger;
use App\Models\HistoryEntry;
use Core\Gallery\Role;
use Core\Reach\Wording;
use Core\Refusal;
use Core\RefusalKind;

/** Gives a picture a role, or takes it. A picture of the very same reach hands the role over. */
final class AssignRole
{
    public function __construct(private readonly UnitOfWork $work)
    {
    }

    public function run(Change $change, int $placementId, Role $role, bool $take = false): ?HistoryEntry
    {
        return $this->work->keep($change, self::class, function (Ledger $ledger, LoadedProduct $loaded) use ($placementId, $role, $take): string {
            [$row] = ChosenPictures::rows($loaded, [$placementId]);
            if (! $take && ! $row->placement->isStill && $role->needsStill()) {
                throw new Refusal("{$row->file()} is no still picture, so it cannot be {$role->label()}: there nothing plays. Give the role to a still.", RefusalKind::Impossible, 'role');
            }
            $updates = [$placementId => ['roles' => PlacementRoles::with($row->placement, $role, ! $take)]];
            if (! $take && $loaded->isLinked($row)) {
                $reach = $row->reach()->activeIn($loaded->matrix);
                foreach ($loaded->placements as $other) {
                    if ($other->id() !== $placementId && $other->placement->carries($role) && $other->reach()->activeIn($loaded->matrix)->equals($reach)) {
                        $updates[$other->id()] = ['roles' => PlacementRoles::with($other->placement, $role, false)];
                    }
                }
            }
            $ledger->update('placements', $updates);

            $where = $loaded->isLinked($row) ? ' for '.(new Wording())->say($row->reach(), $loaded->matrix) : '';

            return "{$row->file()} is ".($take ? 'no longer ' : '').$role->label().$where;
        });
    }
}
