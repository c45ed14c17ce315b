<?php

declare(strict_types=1);

namespace App\Changing;

use Core\Changes\Matrix\ReadAxis;
use Core\Combining\Combined;
use Core\Combining\CombinedPart;

/** What several products become, once they are locked and read. */
interface CombiningWork
{
    /** @return list<ReadAxis> that tell them apart; what the library lacks has ids below zero */
    public function axes(): array;

    /** @param  array<int, CombinedPart>  $parts  by product id, in the order in which they were chosen */
    public function combined(array $parts): Combined;
}
