<?php

declare(strict_types=1);

namespace App\Actions\Skus;

use App\Changing\UnitOfWork;
use App\History\Change;
use App\Models\HistoryEntry;
use Core\Changes\Skus\PasteNumbers;
use Core\Changes\Skus\TypedCell;
use Core\Product\SkuField;
use Core\Refusal;
use Core\RefusalKind;
use Core\Sheets\CellGrid;
use Core\Sheets\PastedBlock;

/**
 * Writes a block of a spreadsheet into the cells of the matrix: all of it, or nothing where one cell cannot be read.
 */
final class PasteBlock
{
    public function __construct(private readonly UnitOfWork $work) {}

    /**
     * @param  CellGrid  $grid  the cells as they lie on screen
     * @param  bool  $isFirst  whether only the cell was pointed at where the block begins
     *
     * @throws Refusal
     */
    public function run(
        Change $change,
        SkuField $field,
        CellGrid $grid,
        PastedBlock $block,
        bool $isFirst,
    ): ?HistoryEntry {
        if ($grid->isEmpty()) {
            throw new Refusal(
                'Select a rectangle of cells that the block goes into, or the one cell where it begins.',
                RefusalKind::Missing,
                'block',
            );
        }
        $block = $field->isFigure() ? $block->withoutHeading() : $block;
        $filled = $grid->filled($block, $isFirst);
        $selection = CellGrid::selection(array_map(strval(...), array_keys($filled)));
        $typed = array_map(fn(array $cell): TypedCell => new TypedCell($cell[0], $cell[1], $cell[2]), $filled);

        return $this->work->change($change, self::class, new PasteNumbers($selection, $field, $typed));
    }
}
