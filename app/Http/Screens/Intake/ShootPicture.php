<?php

declare(strict_types=1);

namespace App\Http\Screens\Intake;

/** A picture of a shoot as its grid draws it. */
final readonly class ShootPicture
{
    /** @param  ?string  $source  address of the small picture; null where it has none */
    public function __construct(public int $id, public string $file, public ?string $source) {}
}
