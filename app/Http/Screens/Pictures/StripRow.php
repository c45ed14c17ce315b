<?php

declare(strict_types=1);

namespace App\Http\Screens\Pictures;

use Core\Matrix\Combination;

/** A strip of the contact sheet as drawn. */
final readonly class StripRow
{
    /**
     * @param string $selected its cells, as the board selects them
     * @param string $note how it differs from the usual sequence, or how many SKUs it is of
     * @param list<?StripCell> $cells null where a column has nothing of it
     */
    public function __construct(
        public Combination $part,
        public string $selected,
        public string $label,
        public int $skus,
        public bool $differs,
        public string $note,
        public array $cells,
    ) {}
}
