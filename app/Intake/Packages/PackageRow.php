<?php

declare(strict_types=1);

namespace App\Intake\Packages;

use Core\Sheets\Verdicts\SheetVerdict;

/** A product of a package as a list shows it. */
final readonly class PackageRow
{
    /** @param  string  $words  what becomes of it, or what is the matter */
    public function __construct(
        public int $position,
        public string $code,
        public string $name,
        public ?SheetVerdict $verdict,
        public string $words,
    ) {}
}
