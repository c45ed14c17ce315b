<?php

declare(strict_types=1);

namespace App\Http\Screens\Pictures;

use App\Http\Requests\ProductRequest;
use App\Http\Screens\Product\PageScreen;
use App\Store\Products\LoadedProduct;
use Core\Gallery\Coverage\Coverage;
use Core\Gallery\Coverage\CoverageCell;
use Core\Gallery\Coverage\CoverageRow;
use Core\Gallery\Coverage\Need;
use Core\Gallery\Coverage\Shot;

/** The coverage map of a product: picture combinations down, the views of its shot list across. */
final readonly class CoverageScreen implements PageScreen
{
    public ?Coverage $coverage;

    public PartNames $names;

    public static function forPage(LoadedProduct $loaded, ProductRequest $request): static
    {
        return new self($loaded, new PictureLinks($loaded));
    }

    public function __construct(public LoadedProduct $loaded, private PictureLinks $pictures)
    {
        $this->coverage = $loaded->core->coverage();
        $this->names = new PartNames($loaded);
    }

    /** @return list<Shot> */
    public function shots(): array
    {
        return array_values($this->loaded->core->library->shotList->shots ?? []);
    }

    /** @return list<CoverageRow> */
    public function rows(): array
    {
        return array_values($this->coverage->rows ?? []);
    }

    /** The picture that shows the view; null where none does, or it is not ready. */
    /** @return list<string> names of the axes that pictures differ by, or a word for none */
    public function pictureAxes(): array
    {
        return array_column($this->loaded->core->matrix->pictureAxes(), 'name') ?: [__('coverage.nothing')];
    }

    public function thumb(CoverageCell $cell): ?string
    {
        $first = $cell->placementIds[0] ?? null;

        return $first === null ? null : $this->pictures->thumb($this->loaded->placements[$first]->placement);
    }

    /** "Moss, front: there (2 pictures), 6 SKUs". */
    public function cellInWords(CoverageRow $row, CoverageCell $cell): string
    {
        $pictures = count($cell->placementIds);

        return "{$this->names->label(
            $row->combination,
        )}, {$cell->shot->view->name}, {$cell->shot->need->value}: {$cell->inWords()}" .
            ($pictures > 1 ? " ({$pictures} pictures)" : '');
    }

    /** "5 of 30 required pictures are missing; 12 SKUs lack one. 3 wanted ones are missing as well." */
    public function summary(): string
    {
        if ($this->coverage === null) {
            return __('pictures.this_product_has_no_shot_list');
        }
        if ($this->coverage->rows === []) {
            return __('pictures.this_product_has_no_sku_yet');
        }
        $required = $missing = $wanted = $touched = 0;
        foreach ($this->coverage->rows as $row) {
            foreach ($row->cells as $cell) {
                $required += $cell->shot->need === Need::Required ? 1 : 0;
                $missing += $cell->isRequiredHole() ? 1 : 0;
                $wanted += $cell->isHole() && !$cell->isRequiredHole() ? 1 : 0;
            }
            $touched += $row->touched;
        }

        return ($missing === 0
            ? "All {$required} required pictures are there."
            : "{$missing} of {$required} required pictures " .
                ($missing === 1 ? 'is' : 'are') .
                " missing; {$touched} " .
                ($touched === 1 ? 'SKU lacks' : 'SKUs lack') .
                ' at least one.') .
            ($wanted === 0
                ? ''
                : " {$wanted} that " .
                    ($wanted === 1 ? 'is' : 'are') .
                    ' only wanted ' .
                    ($wanted === 1 ? 'is' : 'are') .
                    ' missing' .
                    ($missing === 0 ? '.' : ' as well.'));
    }
}
