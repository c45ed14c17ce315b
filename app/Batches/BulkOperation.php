<?php

declare(strict_types=1);

namespace App\Batches;

use Core\Refusal;

/** Something that can be done to many products at once, each with an entry of its own in its history. */
interface BulkOperation
{
    /**
     * What it does to each, to be shown before and after: "Price of every SKU set to 52.00".
     *
     * @param  array<string, ?string>  $wanted  as typed
     *
     * @throws Refusal where that cannot be meant for any product
     */
    public function inWords(array $wanted): string;
}
