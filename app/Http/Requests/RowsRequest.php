<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Bounds\ListBound;
use Core\Refusal;
use Core\RefusalKind;
use Core\Sheets\Columns\Field;
use Core\Sheets\Typing\AxisWish;
use Core\Sheets\Typing\CellEdit;

/** What was typed into rows, and rows that are to be added. */
final class RowsRequest extends ProductRequest
{
    private const MOST_EDITS = 5_000;

    private const MOST_ROWS = 500;

    private const DEPTH = 4;

    /** Characters of what travels as one text. */
    private const LONGEST = 2_000_000;

    protected function ownRules(): array
    {
        return [
            'edits' => ['nullable', 'string', 'max:' . self::LONGEST],
            'rows' => ['nullable', 'string', 'max:' . self::LONGEST],
            'columns' => ['nullable', 'array', ListBound::ofTexts(400, 200)],
            'like' => self::ID,
            'name' => self::CHOICE,
            'column' => self::CHOICE,
            'values' => ['nullable', 'string', 'max:' . self::LONGEST],
            'as_written' => self::YES,
        ];
    }

    /**
     * @return array<int, non-empty-list<CellEdit>> by product id
     *
     * @throws Refusal
     */
    public function edits(): array
    {
        $edits = [];
        foreach ($this->list('edits', self::MOST_EDITS) as $one) {
            [$row, $product, $sku, $header, $was, $text] = array_pad(is_array($one) ? array_values($one) : [], 6, null);
            $field = is_string($header) ? Field::named($header) : null;
            if (
                !is_int($row) ||
                !is_int($product) ||
                !is_int($sku) ||
                !is_string($was) ||
                !is_string($text) ||
                $field === null
            ) {
                throw new Refusal('What was typed cannot be read. Load the page again.', RefusalKind::Unreadable);
            }
            $edits[$product][] = new CellEdit($row, $sku, $field, $was, $text);
        }

        return $edits === [] ? throw new Refusal('Nothing was typed.', RefusalKind::Missing) : $edits;
    }

    /**
     * @return non-empty-list<array<string, string>> header => what stands there
     *
     * @throws Refusal
     */
    public function newRows(): array
    {
        $rows = [];
        foreach ($this->list('rows', self::MOST_ROWS) as $one) {
            $cells = is_array($one) ? array_filter($one, is_string(...)) : [];
            $rows[] = array_combine(array_map(strval(...), array_keys($cells)), array_values($cells));
        }

        return $rows === [] ? throw new Refusal('Say what the row is.', RefusalKind::Missing) : $rows;
    }

    /** Which column is to make SKUs. */
    public function axisWish(): AxisWish
    {
        $name = trim($this->string('name')->toString());
        $column = $this->string('column')->toString();
        $isAsWritten = $this->boolean('as_written');
        $typed = rtrim($this->string('values')->toString(), "\r\n");

        return $column === ''
            ? AxisWish::typed($name, array_map(trim(...), preg_split('/\r\n|\n|\r/', $typed) ?: []), $isAsWritten)
            : AxisWish::ofColumn($name, $column, $isAsWritten);
    }

    /** @return list<string> */
    public function columns(): array
    {
        $given = $this->input('columns');

        return is_array($given) ? array_values(array_filter($given, is_string(...))) : [];
    }

    /** @return list<mixed> */
    private function list(string $name, int $most): array
    {
        $given = $this->input($name);
        $list = is_string($given) ? json_decode($given, true, self::DEPTH) : null;
        if (!is_array($list) || !array_is_list($list)) {
            throw new Refusal('What was typed cannot be read. Load the page again.', RefusalKind::Unreadable);
        }

        return count($list) <= $most
            ? $list
            : throw new Refusal(
                'These are ' .
                    number_format(count($list)) .
                    ' cells or rows; ' .
                    number_format($most) .
                    ' is the most at a time. Bring more as a sheet.',
                RefusalKind::Impossible,
            );
    }
}
