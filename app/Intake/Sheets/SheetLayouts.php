<?php

declare(strict_types=1);

namespace App\Intake\Sheets;

use App\Models\Sheets\Sheet;
use App\Models\Sheets\SheetState;
use Core\Refusal;
use Core\RefusalKind;
use Core\Sheets\Columns\Field;
use Core\Sheets\Columns\FieldKind;
use Core\Sheets\Columns\SheetColumn;
use Core\Sheets\Rows\SheetLayout;
use Core\Text\Name;

/** Has a sheet read otherwise: its columns, and what one of its rows is about. Then its rows are sorted anew. */
final readonly class SheetLayouts
{
    public function __construct(private SenderColumns $senders) {}

    /**
     * @param  array<string, string>  $map  header in the sheet => header of the field; empty for left alone
     *
     * @throws Refusal
     */
    public function map(Sheet $sheet, array $map): void
    {
        $layout = LayoutRecord::decode($sheet->layout);
        $places = [];
        foreach ($layout->columns as $column) {
            $places[Name::of($column->header)->folded] ??= $column->place;
        }
        $fields = [];
        foreach ($map as $header => $field) {
            $place =
                $places[Name::of($header)->folded] ??
                throw new Refusal("{$sheet->name} has no column “{$header}”.", RefusalKind::Missing, 'map');
            $fields[$place] = $field;
        }
        $this->arrange($sheet, new SheetArrangement($fields, $layout->shape, $layout->across));
    }

    /** @throws Refusal where a field is none */
    public function arrange(Sheet $sheet, SheetArrangement $wanted): void
    {
        $layout = LayoutRecord::decode($sheet->layout);
        $columns = array_map(function (SheetColumn $column) use ($wanted): SheetColumn {
            $header = $wanted->fields[$column->place] ?? null;
            if ($header === null || $header === ($column->field?->header() ?? '')) {
                return $column;
            }
            $field =
                $header === ''
                    ? null
                    : Field::named($header) ??
                        throw new Refusal(
                            "“{$header}” is nothing that a column can say.",
                            RefusalKind::Unreadable,
                            'map',
                        );

            return $column->saying($field);
        }, $layout->columns);
        $this->refuseTwice($columns);
        $this->senders->remember($sheet->sender, $columns);
        $other = (new SheetLayout($columns, $layout->shape, $layout->sizes, $layout->axis, $layout->across))->as(
            $wanted->shape,
            $wanted->across,
        );
        $sheet->update([
            'layout' => LayoutRecord::encode($other),
            'state' => SheetState::Sorting,
            'through' => 0,
            'beat_at' => now(),
        ]);
    }

    /** @param  list<SheetColumn>  $columns */
    private function refuseTwice(array $columns): void
    {
        $seen = [];
        foreach ($columns as $column) {
            $key = $column->field?->key() ?? '';
            if ($key !== '' && $column->field?->kind !== FieldKind::Photos && isset($seen[$key])) {
                throw new Refusal(
                    "{$seen[$key]} and {$column->letter()} cannot both say “{$column->field?->header()}”. " .
                        'Leave one of them alone.',
                    RefusalKind::Impossible,
                    "columns.{$column->place}",
                );
            }
            $seen[$key] ??= $column->letter();
        }
    }
}
