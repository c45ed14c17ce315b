<?php

declare(strict_types=1);

namespace Core\Matrix\Planning;

/**
 * A new value made like one that the wanted matrix has: the same prices of its own, weight and
 * left-out cells; never its stock or codes. Its pictures only where asked.
 */
final readonly class Likeness
{
    public function __construct(
        public int $axisId,
        public int $valueId,
        public int $likeId,
        public bool $withPictures = false,
    ) {}
}
