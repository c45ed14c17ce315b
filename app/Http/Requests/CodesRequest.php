<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Bounds\ListBound;
use App\Http\Bounds\NumberBound;

/** Codes by a pattern, GTINs out of a range, and labels. */
final class CodesRequest extends ProductRequest
{
    use ReadsMatrixChoices;

    protected function ownRules(): array
    {
        return $this->choiceRules() + [
            'pattern' => self::ID,
            'range' => self::ID,
            'typed_too' => self::YES,
            'copies' => ['nullable', 'array', new ListBound(10_000, new NumberBound(0, 100_000))],
        ];
    }
}
