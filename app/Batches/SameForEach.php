<?php

declare(strict_types=1);

namespace App\Batches;

use Core\Changes\ProductChange;
use Core\Changes\SkuChange;
use Core\Reach\Selection;

/** What is the same for every product of a batch. */
interface SameForEach extends BulkOperation
{
    /**
     * @param  Selection  $where  the part of the product that is meant
     * @param  array<string, ?string>  $wanted  as typed
     */
    public function change(Selection $where, array $wanted): ProductChange|SkuChange;
}
