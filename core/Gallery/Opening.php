<?php

declare(strict_types=1);

namespace Core\Gallery;

use Core\Matrix\Combination;
use Core\Matrix\Matrix;

/** Which SKU a shopper sees before choosing anything. */
final class Opening
{
    /**
     * The chosen cell if it is made; else the first made and in stock; else the first made.
     *
     * @param  array<string, int>  $stock  made cell's key => units
     */
    public static function cell(Matrix $matrix, array $stock, ?Combination $chosen = null): ?Combination
    {
        if ($chosen !== null && isset($stock[$chosen->key])) {
            return $chosen;
        }
        $cells = $matrix->inOrder(array_map(fn (int|string $key): Combination => Combination::fromKey((string) $key), array_keys($stock)));
        foreach ($cells as $cell) {
            if ($stock[$cell->key] > 0) {
                return $cell;
            }
        }

        return $cells[0] ?? null;
    }
}
