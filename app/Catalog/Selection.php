<?php

declare(strict_types=1);

namespace App\Catalog;

use Core\Matrix\Combination;
use Core\Reach\Clause;
use Core\Reach\Reach;
use Core\Reach\Simplifier;
use Core\Reach\Wording;

/**
 * What is selected in the matrix: parts of it ("*" for all, else keys of rows, columns and cells
 * joined by ";"), and what that means for the product: its reach in the fewest words, which may take in cells that
 * are not made, and the very cells that were pointed at.
 */
final readonly class Selection
{
    private function __construct(
        public string $token,
        public Reach $reach,
        public Reach $cells,
        public LoadedProduct $loaded,
    ) {
    }

    public static function read(string $token, LoadedProduct $loaded): self
    {
        if ($token === '*') {
            return new self($token, Reach::everything(), Reach::everything(), $loaded);
        }
        $clauses = $token === ''
            ? []
            : array_map(fn (string $key): ?Clause => Clause::at(Combination::fromKey($key))->activeIn($loaded->matrix), explode(';', $token));
        // What the product does not have is left aside before anything is joined.
        $cells = Reach::of(...array_filter($clauses));

        return new self($token, (new Simplifier())->pointedAt($cells, $loaded->madeCells(), $loaded->matrix), $cells, $loaded);
    }

    public function isNothing(): bool
    {
        return $this->reach->isNothing();
    }

    /** @return list<SkuRow> */
    public function skus(): array
    {
        return $this->loaded->skusIn($this->reach);
    }

    /** Where a change was made: "Ink, all sizes". */
    public function place(): string
    {
        return (new Wording())->whole($this->reach, $this->loaded->matrix);
    }

    public function inWords(): string
    {
        if ($this->isNothing()) {
            return 'Nothing selected';
        }

        return ucfirst((new Wording())->say($this->reach, $this->loaded->matrix));
    }
}
