<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Bounds\ListBound;
use App\Store\Products\CatalogLookup;
use Core\Combining\CombineWish;
use Core\Refusal;
use Core\RefusalKind;
use Illuminate\Foundation\Http\FormRequest;

/** Which items are to become one product, and which values each of them has. */
final class CombineRequest extends FormRequest
{
    private const MOST_ITEMS = 400;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['nullable', 'string', 'max:200'],
            'code' => ['nullable', 'string', 'max:60'],
            'products' => ['nullable', 'string', 'max:20000'],
            'page' => ['nullable', 'integer', 'min:1', 'max:10000'],
            'items' => ['nullable', 'array', ListBound::ofTexts(self::MOST_ITEMS, 20)],
            'axes' => ['nullable', 'array', ListBound::ofTexts(6, 60)],
            'values' => ['nullable', 'array', new ListBound(self::MOST_ITEMS, ListBound::ofTexts(6, 80))],
        ];
    }

    /** @throws Refusal */
    public function wish(): CombineWish
    {
        $ids = array_values(array_filter($this->integers('items'), fn(int $id): bool => $id > 0));
        if (count($ids) < 2) {
            throw new Refusal(__('combine.too_few'), RefusalKind::Missing, 'items');
        }
        $given = $this->input('values');
        $values = [];
        foreach ($ids as $id) {
            $own = is_array($given) && is_array($given[$id] ?? null) ? $given[$id] : [];
            foreach ($this->axes() as $at => $axis) {
                $label = $own[$at] ?? '';
                $values[$id][$axis] = is_string($label) ? trim($label) : '';
            }
        }

        return new CombineWish(
            app(CatalogLookup::class),
            $this->text('name'),
            $this->text('code'),
            $ids,
            $this->axes(),
            $values,
        );
    }

    /** @return ?list<string> codes that were chosen; null for the whole catalog */
    public function codes(): ?array
    {
        $typed = trim($this->text('products'));

        return $typed === '' ? null : (preg_split('/[\s,;]+/', $typed) ?: []);
    }

    public function pageNumber(): int
    {
        return max(1, $this->integer('page', 1));
    }

    /** @return list<string> */
    private function axes(): array
    {
        $given = $this->input('axes');
        $axes = array_filter(is_array($given) ? $given : [], fn(mixed $axis): bool => is_string($axis) && $axis !== '');

        return array_values(array_map(strval(...), $axes));
    }

    /** @return list<int> */
    private function integers(string $field): array
    {
        $given = $this->input($field);

        return array_values(
            array_map(fn(mixed $one): int => is_numeric($one) ? (int) $one : 0, is_array($given) ? $given : []),
        );
    }

    private function text(string $field): string
    {
        $given = $this->input($field);

        return is_string($given) ? $given : '';
    }
}
