<?php

declare(strict_types=1);

namespace App\Http\Screens\Board;

use Core\Color\Swatches\Swatch;
use Core\Gallery\Coverage\CoverageCell;

/** The head of a row, a column or a group of rows: what it selects, and how it stands. */
final readonly class BoardHead
{
    /**
     * @param  string  $key  of the part of the matrix that it selects
     * @param  ?Swatch  $swatch  null where its value has none
     * @param  array<string, CoverageCell>  $views  coverage by view; empty without a shot list
     * @param  string  $words  what it selects, in words; empty where its label says it
     * @param  string  $units  the sum of its stock, in words; empty where the lens does not show it
     */
    public function __construct(
        public string $key,
        public string $label,
        public string $note = '',
        public bool $isColor = false,
        public ?Swatch $swatch = null,
        public array $views = [],
        public string $words = '',
        public string $units = '',
    ) {}

    /** How it has the views, for who cannot see the marks: "front, required, there, back, wanted, missing". */
    public function viewsInWords(): string
    {
        return implode(
            ', ',
            array_map(
                fn(
                    CoverageCell $cell,
                ): string => "{$cell->shot->view->name}, {$cell->shot->need->value}, {$cell->inWords()}",
                $this->views,
            ),
        );
    }
}
