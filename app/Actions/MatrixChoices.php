<?php

declare(strict_types=1);

namespace App\Actions;

/** What a person settles about a change of the matrix. Unsaid: the first value, and stock stays with its SKU. */
final readonly class MatrixChoices
{
    /**
     * @param  array<string, string>  $homes  folded name of an added axis => label of the value the SKUs of today belong to
     * @param  array<int, int>  $survivors  dropped axis id => id of the value that stays
     * @param  array<int, string>  $exchanges  dropped axis id => folded name of the added axis that takes its place
     * @param  array<int, string>  $heirs  value id of an exchanged axis => folded name of the value that takes over; "" for none
     * @param  array<string, array<string, string>>  $likes  folded axis name => folded name of a new value => label of the value it is made like
     * @param  list<int>  $asFacts  ids of dropped axes that stay as a fact
     * @param  bool  $comersStay  whether, of two merged values, the SKUs of the one that goes stay
     * @param  array<string, int>  $winners  cell key => id of the SKU that stays
     * @param  array<string, int>  $roles  clash key => id of the picture that keeps the role
     */
    public function __construct(
        public array $homes = [],
        public array $survivors = [],
        public bool $stockAddsUp = false,
        public array $exchanges = [],
        public array $heirs = [],
        public array $likes = [],
        public array $asFacts = [],
        public bool $comersStay = false,
        public array $winners = [],
        public array $roles = [],
    ) {
    }
}
