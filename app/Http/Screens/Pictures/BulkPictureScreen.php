<?php

declare(strict_types=1);

namespace App\Http\Screens\Pictures;

use App\Store\Products\CatalogLookup;
use App\Store\Products\ProductLoader;
use Core\Changes\Pictures\PutPicture;
use Core\CoreException;
use Core\Product\Product;
use Core\Reach\Wording;
use Core\Refusal;

/** What a bulk act on a picture would do to the first products that are meant. */
final readonly class BulkPictureScreen
{
    public function __construct(private ProductLoader $loader, private CatalogLookup $catalog) {}

    /**
     * @param  list<int>  $productIds
     * @return list<array{code: string, name: string, place: string, before: string, after: string, refusal: string}>
     */
    public function rows(PutPicture $bulk, array $productIds): array
    {
        $rows = [];
        foreach ($this->loader->standing($productIds) as $loaded) {
            $row = [
                'code' => $loaded->product->code,
                'name' => $loaded->product->name,
                'place' => '',
                'before' => '',
                'after' => '',
                'refusal' => '',
            ];
            try {
                $core = $loaded->core;
                $after = new Product($bulk->on($core, $this->catalog)->state, $core->library);
                $place = (new Wording())->whole($bulk->reach($core), $core->matrix);
                $rows[] = ['place' => $place, 'before' => $bulk->files($core), 'after' => $bulk->files($after)] + $row;
            } catch (CoreException $refusal) {
                $rows[] = ['refusal' => $refusal->getMessage()] + $row;
            }
        }

        return $rows;
    }
}
