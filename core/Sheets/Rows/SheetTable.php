<?php

declare(strict_types=1);

namespace Core\Sheets\Rows;

/** One sheet of a workbook: its header and the rows below. */
final readonly class SheetTable
{
    /**
     * @param  list<string>  $headers
     * @param  list<list<string>>  $rows  cells by the place of their columns; cells at the end may be missing
     */
    public function __construct(public string $name, public array $headers, public array $rows) {}

    /**
     * @return array<string, int> what stands in a column, without regard to case => the row it stands in; the first of
     * several
     */
    public function column(int $place): array
    {
        $values = [];
        foreach ($this->rows as $at => $row) {
            $text = self::folded($row[$place] ?? '');
            if ($text !== '') {
                $values["={$text}"] ??= $at;
            }
        }

        return $values;
    }

    /** Whether a column tells its rows apart: each says something, and no two the same. */
    public function isKey(int $place): bool
    {
        return $this->rows !== [] && count($this->column($place)) === count($this->rows);
    }

    public static function folded(string $cell): string
    {
        return mb_strtolower(trim($cell));
    }
}
