<?php

declare(strict_types=1);

namespace App\Summaries\Coverage;

use Core\Gallery\Coverage\Need;

/** How the picture combinations of a product have one view, as it is kept. */
final readonly class ViewCoverage
{
    /** @param  int  $lacking  SKUs that do not show it */
    public function __construct(
        public Need $need,
        public int $there,
        public int $shared,
        public int $missing,
        public int $lacking,
    ) {}

    public function parts(): int
    {
        return $this->there + $this->shared + $this->missing;
    }

    /** "front, required: 6 there, 2 shared, 1 missing on 5 SKUs" without the view. */
    public function inWords(): string
    {
        return $this->need->value .
            ': ' .
            implode(
                ', ',
                array_filter([
                    $this->there > 0 ? "{$this->there} there" : '',
                    $this->shared > 0 ? "{$this->shared} shared" : '',
                    $this->missing > 0
                        ? "{$this->missing} missing on {$this->lacking} " . ($this->lacking === 1 ? 'SKU' : 'SKUs')
                        : '',
                ]),
            );
    }
}
