<?php

declare(strict_types=1);

namespace Core\Sheets;

use Core\CoreException;

/** A block of cells from a spreadsheet that cannot be taken as it is. */
final class UnreadableBlock extends CoreException
{
    public static function hasNoText(): self
    {
        return new self('What was copied is no text: signs stand in it that no cell can have. Copy the cells again.');
    }

    public static function isEmpty(): self
    {
        return new self('Nothing was copied. Copy some cells of the spreadsheet first.');
    }

    /** @param  int  $most  cells */
    public static function isTooLarge(int $most): self
    {
        return new self(
            'The block is too large: ' . number_format($most) . ' cells can be pasted at once. Paste it in parts.',
        );
    }

    /** A row that is not as long as the first. */
    public static function isRagged(int $row, int $cells, int $first): self
    {
        return new self(
            "Row {$row} of the block has {$cells} " .
                ($cells === 1 ? 'cell' : 'cells') .
                ", the first has {$first}. Copy a block whose rows are of one length.",
        );
    }

    /** A block that is neither as large as what is selected nor can be repeated over it. */
    public static function doesNotFit(PastedBlock $block, int $height, int $width): self
    {
        return new self(
            "The block has {$block->sizeInWords()}, selected are " .
                PastedBlock::size($height, $width) .
                '. Select as many, or only the cell where it begins.',
        );
    }

    /** A block that begins at a cell and is larger than what lies from there on. */
    public static function reachesOut(PastedBlock $block, int $height, int $width): self
    {
        return new self(
            "The block has {$block->sizeInWords()}; from this cell on there are " .
                PastedBlock::size($height, $width) .
                '. Begin further up or left, or copy less.',
        );
    }
}
