<?php

declare(strict_types=1);

namespace Core\Changes\Matrix;

/** A new value that somebody wants to be made like another. */
final readonly class LikeChoice
{
    public function __construct(public DraftValue $value, public int $likeId) {}
}
