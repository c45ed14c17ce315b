<?php

declare(strict_types=1);

namespace Core\Matrix;

use Core\Matrix\Planning\Handover;

/** Every combination is sold. */
final readonly class NothingLeftOut implements LeftOut
{
    public function isNothing(): bool
    {
        return true;
    }

    public function covers(Combination $cell): bool
    {
        return false;
    }

    public function sparing(array $cells): array
    {
        return $cells;
    }

    public function leftOutIn(Matrix $matrix): self
    {
        return $this;
    }

    public function leftOutAfter(Handover $handover): self
    {
        return $this;
    }
}
