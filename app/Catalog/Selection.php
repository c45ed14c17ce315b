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
 * joined by ";"), and what that means for the product.
 */
final readonly class Selection
{
    private function __construct(
        public string $token,
        public Reach $reach,
        public LoadedProduct $loaded,
    ) {
    }

    public static function read(string $token, LoadedProduct $loaded): self
    {
        if ($token === '*') {
            return new self($token, Reach::everything(), $loaded);
        }
        $clauses = $token === ''
            ? []
            : array_map(fn (string $key): Clause => Clause::at(Combination::fromKey($key)), explode(';', $token));
        $reach = Reach::of(...$clauses)->activeIn($loaded->matrix);

        return new self($token, (new Simplifier())->simplify($reach, $loaded->madeCells(), $loaded->matrix), $loaded);
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

    public function inWords(): string
    {
        if ($this->isNothing()) {
            return 'Nothing selected';
        }

        return ucfirst((new Wording())->say($this->reach, $this->loaded->matrix));
    }
}
