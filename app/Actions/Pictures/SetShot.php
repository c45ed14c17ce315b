<?php

declare(strict_types=1);

namespace App\Actions\Pictures;

use App\Changing\UnitOfWork;
use App\History\Change;
use App\Models\HistoryEntry;
use Core\Changes\Pictures\NeedShot;
use Core\Gallery\Coverage\Need;
use Core\Gallery\View;

/** Says of one view that a product needs it otherwise than its shot list says. */
final class SetShot
{
    public function __construct(private readonly UnitOfWork $work) {}

    /** @param  ?Need  $need  null for what the list says */
    public function run(Change $change, View $view, ?Need $need, string $reason): ?HistoryEntry
    {
        return $this->work->change($change, self::class, new NeedShot($view, $need, $reason));
    }
}
