<?php

declare(strict_types=1);

namespace App\Intake\Packages;

use Core\Sheets\Verdicts\SheetVerdict;

/** What becomes of a product of a package. */
final readonly class PackageVerdict
{
    /** @param  ?int  $productId  of the one that is there */
    public function __construct(public SheetVerdict $verdict, public string $words, public ?int $productId = null) {}
}
