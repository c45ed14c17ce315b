<?php

declare(strict_types=1);

namespace App\Catalog;

use App\Refusals\Kind;
use App\Refusals\Refused;
use Core\Reach\Reach;
use Core\Reach\Selection;
use Core\Reach\Wording;

/**
 * What a selection means for a product: its reach in the fewest words, which may take in cells that are not made, and
 * the very cells that were pointed at.
 */
final readonly class SelectedPart
{
    public Reach $reach;

    public Reach $cells;

    public function __construct(Selection $selection, public LoadedProduct $loaded)
    {
        $this->cells = $selection->cells($loaded->matrix);
        $this->reach = $selection->reach($loaded->matrix, $loaded->madeCells());
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

    /**
     * The SKUs that a change is meant for.
     *
     * @return non-empty-list<SkuRow>
     *
     * @throws Refused where there is none
     */
    public function someSkus(): array
    {
        return $this->skus() ?: throw new Refused('Select the SKUs first: a row, a column or cells of the matrix.', Kind::Missing, 'selected');
    }

    /**
     * The one SKU that a change is meant for.
     *
     * @param  string  $why  said where several are selected
     *
     * @throws Refused
     */
    public function oneSku(string $why): SkuRow
    {
        $skus = $this->someSkus();

        return count($skus) === 1 ? $skus[0] : throw new Refused("{$why}: select a single cell.", Kind::Impossible, 'selected');
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
