<?php

declare(strict_types=1);

namespace App\Batches;

/** What a batch does where one of its products refuses. */
enum BatchMode
{
    case AllOrNothing;
    case AsFarAsPossible;

    public static function of(bool $isWhole): self
    {
        return $isWhole ? self::AllOrNothing : self::AsFarAsPossible;
    }

    public function isWhole(): bool
    {
        return $this === self::AllOrNothing;
    }
}
