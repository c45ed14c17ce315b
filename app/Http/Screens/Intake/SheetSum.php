<?php

declare(strict_types=1);

namespace App\Http\Screens\Intake;

/** How many rows of a sheet are alike in something, and the address that shows them. */
final readonly class SheetSum
{
    /** @param  array<string, string>  $filter  of the address */
    public function __construct(public string $label, public int $count, public array $filter, public bool $isShown) {}
}
