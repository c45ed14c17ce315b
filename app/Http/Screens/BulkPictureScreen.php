<?php

declare(strict_types=1);

namespace App\Http\Screens;

use App\Catalog\BulkPicture;
use App\Catalog\ProductLoader;
use App\Catalog\Usage;
use App\Store\ViewShelf;
use Core\CoreException;
use Core\Refusal;

/** What a bulk act on a picture would do to the first products that are meant. */
final readonly class BulkPictureScreen
{
    public function __construct(private ProductLoader $loader, private Usage $usage, private ViewShelf $shelf)
    {
    }

    /**
     * @param  list<int>  $productIds
     * @return list<array{code: string, name: string, place: string, before: string, after: string, refusal: string}>
     */
    public function rows(BulkPicture $bulk, array $productIds): array
    {
        $rows = [];
        foreach ($this->loader->standing($productIds) as $loaded) {
            $row = ['code' => $loaded->product->code, 'name' => $loaded->product->name, 'place' => '', 'before' => '', 'after' => '', 'refusal' => ''];
            try {
                $plan = $bulk->plan($loaded, $this->usage->synonyms($loaded->matrix));
                [$before, $after] = $bulk->beforeAndAfter($loaded, $plan, $this->shelf);
                $rows[] = ['place' => $bulk->place($loaded, $plan), 'before' => $before, 'after' => $after] + $row;
            } catch (CoreException $refusal) {
                $rows[] = ['refusal' => $refusal->getMessage()] + $row;
            }
        }

        return $rows;
    }
}
