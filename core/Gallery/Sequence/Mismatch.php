<?php

declare(strict_types=1);

namespace Core\Gallery\Sequence;

use Core\Matrix\Combination;

/**
 * A gallery that cannot have the wanted sequence: it would need one picture before another that stand the other way
 * round in a gallery that has it.
 */
final readonly class Mismatch
{
    /**
     * @param  Combination  $cell  a made cell that shows the gallery
     * @param  int  $firstId  the placement that would have to come first
     * @param  int  $secondId  the placement that stands before it elsewhere
     */
    public function __construct(public Combination $cell, public int $firstId, public int $secondId) {}
}
