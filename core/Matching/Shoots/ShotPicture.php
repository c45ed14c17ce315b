<?php

declare(strict_types=1);

namespace Core\Matching\Shoots;

/** A picture of a shoot: how it was taken, and what it looks like. */
final readonly class ShotPicture
{
    /** @param  ?ShotLook  $look  null where it cannot be told */
    public function __construct(public TakenPicture $taken, public ?ShotLook $look) {}
}
