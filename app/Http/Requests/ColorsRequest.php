<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Bounds\ListBound;
use App\Http\ReadsSwatches;

/** Colors of a product: swatches that are made or measured, and how shoppers choose. */
final class ColorsRequest extends ProductRequest
{
    use ReadsSwatches;

    protected function ownRules(): array
    {
        return $this->swatchRules() + [
            'kind' => self::CHOICE,
            'tile' => self::CHOICE,
            'frame' => self::TEXT,
            'scope' => self::CHOICE,
            'lab' => self::CHOICE,
            'by' => self::CHOICE,
            'display' => self::CHOICE,
            'seen' => self::TEXT,
            'none' => self::YES,
            'measured' => ['nullable', 'array', ListBound::ofTexts(1_000, 600)],
        ];
    }
}
