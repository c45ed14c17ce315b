<?php

declare(strict_types=1);

namespace Core\Matching\Shoots;

/** Pictures of a shoot that show one thing in one color. */
final readonly class ShotGroup
{
    /** @param  non-empty-list<array-key>  $keys  of the pictures, in the order of taking */
    public function __construct(public array $keys) {}
}
