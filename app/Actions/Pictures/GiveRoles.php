<?php

declare(strict_types=1);

namespace App\Actions\Pictures;

use App\Changing\UnitOfWork;
use App\History\Change;
use App\Models\HistoryEntry;
use Core\Changes\Pictures\GiveRolesByViews;
use Core\Gallery\View;

/** Gives roles to the pictures of a view, in every picture combination that has one. */
final class GiveRoles
{
    public function __construct(private readonly UnitOfWork $work) {}

    /** @param  array<string, View>  $views  role's value => the view that is to have it */
    public function run(Change $change, array $views): ?HistoryEntry
    {
        return $this->work->change($change, self::class, new GiveRolesByViews($views));
    }
}
