<?php

declare(strict_types=1);

namespace Core\Stock;

use Core\Details\Counting;
use Core\Details\Details;
use Core\Matrix\Combination;
use Core\Matrix\MatrixChange;
use Core\Reach\Clause;
use Core\Reach\Reach;

/** Units that are counted by picture combination, where a change makes several combinations one and stock is to add up. */
final class JoinedPools
{
    /**
     * @param  Details  $carried  as they are after the change, without regard to that
     * @param  list<array{Combination, Combination, ?int}>  $skus  on offer before it: with its values on axes that sleep, the picture combination, and its units
     */
    public static function along(MatrixChange $change, Details $carried, array $skus): Details
    {
        $book = new StockBook($carried, $change->to);
        if (! $change->stockAddsUp || $book->counting !== Counting::Pictures) {
            return $carried;
        }
        $units = $parts = [];
        foreach ($skus as [$combination, $part, $stock]) {
            $landing = $change->landing($combination);
            $cell = $landing === null ? null : $change->to->place($landing);
            if ($cell !== null) {
                $new = $book->part($cell);
                $parts[$new->key] = $new;
                $units[$new->key][$part->key] = $stock;
            }
        }
        foreach ($units as $key => $joined) {
            $counted = array_filter($joined, fn (?int $stock): bool => $stock !== null);
            if (count($joined) > 1 && $counted !== []) {
                $carried = $carried->pooled(Reach::of(Clause::at($parts[$key])), (string) array_sum($counted), $change->to);
            }
        }

        return $carried;
    }
}
