<?php

declare(strict_types=1);

namespace Core\Changes\Matrix;

use Core\Matrix\Value;
use Core\Sizes\SizeOrder;

/** Values of an axis of sizes, from the smallest. */
final class SizesInOrder
{
    /**
     * @param  list<Value>  $values
     * @return list<Value> what is no size behind the others, in its own order
     */
    public static function of(array $values): array
    {
        $places = array_flip((new SizeOrder())->sort(array_column($values, 'label')));
        usort($values, fn(Value $a, Value $b): int => $places[$a->label] <=> $places[$b->label]);

        return $values;
    }
}
