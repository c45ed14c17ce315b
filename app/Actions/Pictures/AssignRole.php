<?php

declare(strict_types=1);

namespace App\Actions\Pictures;

use App\Changing\UnitOfWork;
use App\History\Change;
use App\Models\HistoryEntry;
use Core\Changes\Pictures\GiveRole;
use Core\Gallery\Roles\Role;

/** Gives a picture a role where it reaches, or takes it away. */
final class AssignRole
{
    public function __construct(private readonly UnitOfWork $work) {}

    public function run(Change $change, int $placementId, Role $role): ?HistoryEntry
    {
        return $this->work->change($change, self::class, new GiveRole($placementId, $role));
    }

    /** Takes the role from the picture, wherever it has it. */
    public function takeAway(Change $change, int $placementId, Role $role): ?HistoryEntry
    {
        return $this->work->change($change, self::class, new GiveRole($placementId, $role, true));
    }
}
