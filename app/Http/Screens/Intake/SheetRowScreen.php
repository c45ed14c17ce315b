<?php

declare(strict_types=1);

namespace App\Http\Screens\Intake;

use App\Intake\Sheets\Verdicts\VettedRow;
use Core\Sheets\Columns\FieldKind;
use Core\Sheets\Columns\SheetColumn;
use Core\Sheets\Reading\CellProblem;
use Core\Sheets\Verdicts\SheetVerdict;

/** A row of a sheet as its page draws it. */
final readonly class SheetRowScreen
{
    /** What tells the row's SKU from the others of its product. */
    private const PLACE = [FieldKind::Axis, FieldKind::Sku];

    /** @param  list<SheetColumn>  $columns */
    public function __construct(private VettedRow $row, private array $columns) {}

    public function number(): int
    {
        return $this->row->verdict->row;
    }

    public function verdict(): string
    {
        return $this->row->verdict->verdict->value;
    }

    public function verdictInWords(): string
    {
        return __("sheets.verdict_{$this->verdict()}");
    }

    public function code(): string
    {
        return $this->row->code;
    }

    public function name(): string
    {
        return $this->row->name;
    }

    /** "Moss, M, TB-SMOCK-MOSS-M" */
    public function place(): string
    {
        $parts = [];
        foreach ($this->columns as $column) {
            $text = $this->row->cells[$column->place] ?? '';
            if ($text !== '' && in_array($column->field?->kind, self::PLACE, true)) {
                $parts[] = mb_strimwidth($text, 0, 60, '…');
            }
        }

        return implode(', ', $parts);
    }

    /** @return array<string, array{string, string}> what changes: from, to */
    public function changes(): array
    {
        $words = fn(string $text): string => $text === '' ? __('sheets.nothing') : $text;

        return array_map(
            fn(array $change): array => [$words($change[0]), $words($change[1])],
            $this->row->verdict->changes,
        );
    }

    /** @return list<SheetProblem> */
    public function problems(): array
    {
        return array_map(
            fn(CellProblem $one): SheetProblem => new SheetProblem($one, $this->columns, $this->row->cells),
            $this->row->verdict->problems,
        );
    }

    public function isHeld(): bool
    {
        return $this->row->verdict->verdict === SheetVerdict::Held;
    }
}
