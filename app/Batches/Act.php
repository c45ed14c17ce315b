<?php

declare(strict_types=1);

namespace App\Batches;

use App\History\Change;
use App\Models\HistoryEntry;
use Core\Reach\Selection;
use Core\Refusal;

/** An Action on many products that is no change as a value yet: each in a transaction and an entry of its own. */
interface Act
{
    /**
     * What it does to each, to be shown before and after: "Price of every SKU set to 52.00".
     *
     * @param  array<string, ?string>  $wanted  as typed
     *
     * @throws Refusal where that cannot be meant for any product
     */
    public function inWords(array $wanted): string;

    /**
     * @param  array<string, ?string>  $wanted
     * @return ?HistoryEntry null where the product is so already
     */
    public function act(Change $change, Selection $where, array $wanted): ?HistoryEntry;
}
