<?php

declare(strict_types=1);

namespace App\Actions;

/** What a person settles about a change of axes. Unsaid: the first value, and stock stays with its SKU. */
final readonly class MatrixChoices
{
    /**
     * @param  array<string, string>  $homes  folded name of an added axis => label of the value the SKUs of today belong to
     * @param  array<int, int>  $survivors  dropped axis id => id of the value that stays
     */
    public function __construct(
        public array $homes = [],
        public array $survivors = [],
        public bool $stockAddsUp = false,
    ) {
    }
}
