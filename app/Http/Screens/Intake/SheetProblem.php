<?php

declare(strict_types=1);

namespace App\Http\Screens\Intake;

use Core\Sheets\Columns\Field;
use Core\Sheets\Columns\SheetColumn;
use Core\Sheets\Reading\CellProblem;
use Core\Sheets\Reading\ProblemKind;

/** What is the matter with a cell, with what can be done about it. */
final readonly class SheetProblem
{
    /** What is the matter with a name, wherever it stands. */
    private const USUALLY_FOR_ALL = [
        ProblemKind::Near,
        ProblemKind::NoPicture,
        ProblemKind::NotFetched,
        ProblemKind::Differs,
    ];

    public string $where;

    public string $cell;

    /** Whether it can be mended here, as the sheet has a column for it. */
    public bool $canType;

    /** What the button says that lets it be; empty where that cannot be. */
    public string $confirm;

    /**
     * @param  list<SheetColumn>  $columns
     * @param  list<string>  $cells
     */
    public function __construct(public CellProblem $problem, array $columns, array $cells)
    {
        $column = self::column($problem, $columns, $cells);
        $this->where =
            $column === null
                ? $problem->column
                : trim("{$column->letter()} " . ($column->header === '' ? $problem->column : $column->header));
        $this->cell = $column === null ? '' : $cells[$column->place] ?? '';
        $this->canType = $column !== null;
        $this->confirm = match ($problem->kind) {
            ProblemKind::Near => __('sheets.it_is_new'),
            ProblemKind::NoPicture, ProblemKind::NotFetched => __('sheets.without_it'),
            default => '',
        };
    }

    /** A name that is nearly right is so wherever it stands; a number is that of one SKU. */
    public function isUsuallyForAll(): bool
    {
        return in_array($this->problem->kind, self::USUALLY_FOR_ALL, true);
    }

    public function take(): string
    {
        return $this->problem->suggestion === ''
            ? ''
            : __('sheets.take', ['what' => mb_strimwidth($this->problem->suggestion, 0, 40, '…')]);
    }

    /**
     * @param  list<SheetColumn>  $columns
     * @param  list<string>  $cells
     */
    private static function column(CellProblem $problem, array $columns, array $cells): ?SheetColumn
    {
        $key = Field::named($problem->column)?->key();
        $found = null;
        foreach ($columns as $column) {
            if ($key !== null && $column->field?->key() === $key) {
                $found ??= $column;
                if ($problem->subject !== '' && str_contains($cells[$column->place] ?? '', $problem->subject)) {
                    return $column;
                }
            }
        }

        return $found;
    }
}
