<?php

declare(strict_types=1);

namespace App\Actions\Product;

use App\Changing\UnitOfWork;
use App\History\Change;
use App\Models\HistoryEntry;
use Core\Changes\Details\SayDetail;
use Core\Details\DetailKind;
use Core\Reach\Selection;

/** Says something of a product, or otherwise of a part of it. */
final class SetDetail
{
    public function __construct(private readonly UnitOfWork $work) {}

    /**
     * Of the whole product: parts that say otherwise go on saying so.
     *
     * @param  list<string>  $typed  as many fields as the detail has; nothing takes it away
     */
    public function ofProduct(Change $change, DetailKind $kind, array $typed): ?HistoryEntry
    {
        return $this->work->change($change, self::class, new SayDetail($kind, $typed));
    }

    /**
     * Of a part of it.
     *
     * @param  list<string>  $typed  nothing: as the product has it
     */
    public function ofPart(Change $change, DetailKind $kind, Selection $where, array $typed): ?HistoryEntry
    {
        return $this->work->change($change, self::class, new SayDetail($kind, $typed, $where));
    }

    /**
     * Says that the part has none, whatever the product says.
     *
     * @param list<string> $typed
     */
    public function nothingOfPart(Change $change, DetailKind $kind, Selection $where, array $typed): ?HistoryEntry
    {
        return $this->work->change($change, self::class, new SayDetail($kind, $typed, $where, true));
    }
}
