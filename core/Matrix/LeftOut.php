<?php

declare(strict_types=1);

namespace Core\Matrix;

use Core\Matrix\Planning\Handover;

/** Rules that say which combinations are deliberately not sold; a reach fulfills it. */
interface LeftOut
{
    /** Whether every combination is sold. */
    public function isNothing(): bool;

    /** Whether the combination is left out. */
    public function covers(Combination $cell): bool;

    /**
     * The cells that the rules leave on offer.
     *
     * @param  list<Combination>  $cells
     * @return list<Combination> in the order given
     */
    public function sparing(array $cells): array;

    /** The rules as they hold in a matrix as it is: less what names axes and values that it does not have. */
    public function leftOutIn(Matrix $matrix): self;

    /**
     * The rules after values have handed over to others. Of two that become one, what was left out of both is left out.
     */
    public function leftOutAfter(Handover $handover): self;
}
