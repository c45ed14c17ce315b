<?php

declare(strict_types=1);

namespace App\Actions\Pictures;

use App\Changing\UnitOfWork;
use App\History\Change;
use App\Models\HistoryEntry;
use Core\Changes\Pictures\MakeAltTextsOwn;

/** Gives pictures whose texts are doubled texts of their own. */
final class FillAltTexts
{
    public function __construct(private readonly UnitOfWork $work) {}

    public function run(Change $change): ?HistoryEntry
    {
        return $this->work->change($change, self::class, new MakeAltTextsOwn());
    }
}
