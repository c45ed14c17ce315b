<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Bounds\ListBound;
use Core\Details\DetailKind;
use Core\Refusal;
use Core\RefusalKind;

/** What is said of a product: its fields, details of it and of its parts, facts, its code and currency. */
final class DetailsRequest extends ProductRequest
{
    use ReadsMatrixChoices;

    protected function ownRules(): array
    {
        return $this->choiceRules() + [
            'detail' => self::CHOICE,
            'fields' => ['nullable', 'array', ListBound::ofTexts(1_000, 20_000)],
            'field' => self::CHOICE,
            'value' => self::TEXT,
            'code' => self::TEXT,
            'name' => self::TEXT,
            'kind' => self::CHOICE,
            'unit' => self::TEXT,
            'fact' => self::ID,
            'is_hidden' => self::YES,
            'part' => self::YES,
            'none' => self::YES,
            'round' => self::YES,
            'skus_too' => self::YES,
        ];
    }

    /**
     * What is to be said of the product or of a part of it.
     *
     * @throws Refusal
     */
    public function detail(): DetailKind
    {
        return DetailKind::tryFrom($this->string('detail')->toString()) ??
            throw new Refusal(__('answers.say_first_what_is_to_be'), RefusalKind::Missing, 'detail');
    }

    /** @return list<string> the fields of a detail as they were typed */
    public function detailFields(): array
    {
        return array_values(array_map(strval(...), $this->fields('fields')));
    }
}
