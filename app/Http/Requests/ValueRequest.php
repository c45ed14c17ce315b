<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** A value of a product: its names, what it is merged into or split into, and what shoppers find chosen. */
final class ValueRequest extends ProductRequest
{
    use ReadsMatrixChoices;

    protected function ownRules(): array
    {
        return $this->choiceRules() + [
            'name' => self::TEXT,
            'code' => self::TEXT,
            'synonyms' => self::TEXT,
            'translations' => self::TEXT,
            'parts' => self::TEXT,
            'scope' => self::CHOICE,
            'seen' => self::TEXT,
            'into' => self::ID,
            'value' => self::ID,
            'pictures' => self::YES,
            'none' => self::YES,
        ];
    }
}
