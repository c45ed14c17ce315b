<?php

declare(strict_types=1);

namespace Core\Matching;

/** A name says one value and the picture looks like another. */
final readonly class Contradiction
{
    public function __construct(public int $axisId, public int $saidId, public int $looksId) {}
}
