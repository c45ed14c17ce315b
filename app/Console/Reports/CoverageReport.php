<?php

declare(strict_types=1);

namespace App\Console\Reports;

use App\Store\Products\LoadedProduct;
use Core\Gallery\Coverage\Need;

/** How the picture combinations of a product have the views of its shot list, as the exchange format has it. */
final readonly class CoverageReport
{
    /**
     * @return list<array{product: string, combination: object, view: string, required: bool, state: string, skus: int,
     *   lacking: int, files: list<string>}> without what is not wanted
     */
    public function of(LoadedProduct $loaded): array
    {
        $rows = [];
        foreach ($loaded->core->coverage()->rows ?? [] as $row) {
            foreach ($row->cells as $cell) {
                if ($cell->shot->need !== Need::NotWanted) {
                    $rows[] = [
                        'product' => $loaded->product->code,
                        'combination' => (object) $loaded->core->matrix->choice($row->combination),
                        'view' => $cell->shot->view->name,
                        'required' => $cell->shot->need === Need::Required,
                        'state' => $cell->cover->value,
                        'skus' => $cell->skus,
                        'lacking' => $cell->lacking,
                        'files' => array_map(
                            fn(int $id): string => $loaded->placements[$id]->file(),
                            $cell->placementIds,
                        ),
                    ];
                }
            }
        }

        return $rows;
    }
}
