<?php

declare(strict_types=1);

namespace App\Http\Screens\Pictures;

use App\Summaries\Coverage\ViewCoverage;
use Core\Gallery\View;

/** A view in a product's row of the coverage over the catalog. */
final readonly class CoverageListCell
{
    /** @param ?ViewCoverage $kept null where the product's list does not have the view */
    public function __construct(public View $view, public ?ViewCoverage $kept) {}

    public function isWarning(): bool
    {
        return $this->kept !== null && $this->kept->missing > 0 && $this->kept->need->isRequired();
    }

    /** "all", or "3 of 5". */
    public function count(): string
    {
        return $this->kept === null || $this->kept->missing === 0
            ? __('coverage.all')
            : __('coverage.missing_of_parts', [
                'missing' => $this->kept->parts() - $this->kept->missing,
                'parts' => $this->kept->parts(),
            ]);
    }
}
