<?php

declare(strict_types=1);

namespace Core\Gallery;

use Core\Matrix\Combination;
use Core\Matrix\Matrix;

/** What a shopper sees before choosing anything: a SKU, and the values already chosen. */
final class Opening
{
    /**
     * The chosen cell if it is made; else, of the made cells that the opening choice leaves, the first in
     * stock; else the first of them.
     *
     * @param  list<Combination>  $made  in the product's order
     * @param  array<string, int>  $stock  made cell's key => units
     * @param  ?Combination  $choice  the values that shoppers find chosen, as choice() gives them
     */
    public static function cell(array $made, array $stock, ?Combination $chosen = null, ?Combination $choice = null): ?Combination
    {
        if ($chosen !== null && isset($stock[$chosen->key])) {
            return $chosen;
        }
        $first = null;
        foreach ($made as $cell) {
            if ($choice === null || $cell->includes($choice)) {
                if ($stock[$cell->key] > 0) {
                    return $cell;
                }
                $first ??= $cell;
            }
        }

        return $first;
    }

    /**
     * The opening values of the axes, as far as a made SKU has them together: in the product's axis order,
     * one that leaves no made SKU is not chosen.
     *
     * @param  list<Combination>  $made
     * @param  array<int, int>  $openings  axis id => value id
     */
    public static function choice(Matrix $matrix, array $made, array $openings): Combination
    {
        $choice = Combination::of([]);
        foreach ($matrix->axes as $axis) {
            if (isset($openings[$axis->id])) {
                $next = $choice->with($axis->id, $openings[$axis->id]);
                $left = array_filter($made, fn (Combination $cell): bool => $cell->includes($next));
                if ($left !== []) {
                    $choice = $next;
                    $made = $left;
                }
            }
        }

        return $choice;
    }
}
