<?php

declare(strict_types=1);

namespace App\Intake\Addresses;

use App\Intake\Sheets\LayoutRecord;
use App\Intake\Sheets\SheetRows;
use App\Models\Sheets\Sheet;
use Core\Sheets\Columns\FieldKind;
use Core\Sheets\Reading\PictureCells;

/** The addresses of pictures that the rows of a sheet name. */
final readonly class SheetAddresses
{
    private const LONGEST = 1_000;

    private const CHUNK = 2_000;

    private const KINDS = [FieldKind::Photos, FieldKind::Role];

    public function __construct(private SheetRows $rows) {}

    /** @return list<string> each once */
    public function of(Sheet $sheet): array
    {
        $columns = array_filter(
            LayoutRecord::decode($sheet->layout)->columns,
            fn($column): bool => in_array($column->field?->kind, self::KINDS, true),
        );
        $found = [];
        $after = 0;
        while ($columns !== [] && ($some = $this->rows->after($sheet, $after, self::CHUNK)) !== []) {
            foreach ($some as $cells) {
                foreach ($columns as $column) {
                    foreach (PictureCells::names($cells[$column->place] ?? '') as $name) {
                        if (PictureCells::isAddress($name) && strlen($name) <= self::LONGEST) {
                            $found[$name] = true;
                        }
                    }
                }
            }
            $after = array_key_last($some);
        }

        return array_map(strval(...), array_keys($found));
    }
}
