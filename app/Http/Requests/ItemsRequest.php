<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Bounds\ListBound;

/** Which single items are to be added to a product, and which values each of them has. */
final class ItemsRequest extends ProductRequest
{
    private const MOST_ITEMS = 200;

    private const MOST_AXES = 6;

    protected function ownRules(): array
    {
        return [
            'codes' => ['nullable', 'string', 'max:20000'],
            'items' => ['nullable', 'array', ListBound::ofTexts(self::MOST_ITEMS, 20)],
            'values' => ['nullable', 'array', new ListBound(self::MOST_ITEMS, ListBound::ofTexts(self::MOST_AXES, 80))],
            'sure' => self::YES,
        ];
    }

    /** @return ?list<string> codes of items that were typed; null for none */
    public function codes(): ?array
    {
        $typed = $this->string('codes')->trim()->toString();

        return $typed === '' ? null : (preg_split('/[\s,;]+/', $typed) ?: []);
    }

    /** @return array<int, array<int, string>> id of an item => axis id => label; of those that take part */
    public function values(): array
    {
        $values = [];
        $given = $this->byId('values');
        foreach ($this->fields('items') as $id) {
            $own = is_numeric($id) ? $given[(int) $id] ?? [] : null;
            if (is_array($own)) {
                $values[(int) $id] = array_filter(
                    array_map(fn(mixed $label): string => is_string($label) ? trim($label) : '', $own),
                    is_int(...),
                    ARRAY_FILTER_USE_KEY,
                );
            }
        }

        return $values;
    }
}
