<?php

declare(strict_types=1);

namespace App\Http\Screens\Catalog;

use App\Summaries\Lists\ListSort;

/** A column of a list. */
final readonly class Column
{
    /** @param ?ListSort $sort what the list is sorted by at a press on its head; null where it cannot be */
    public function __construct(public string $label, public ?ListSort $sort = null, public string $class = '') {}
}
