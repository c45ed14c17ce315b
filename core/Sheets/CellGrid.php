<?php

declare(strict_types=1);

namespace Core\Sheets;

use Core\Matrix\Combination;
use Core\Reach\Selection;

/** Cells of the matrix as they lie on somebody's screen: rows from the top, columns from the left. */
final readonly class CellGrid
{
    /** @param  list<list<string>>  $rows  keys of cells; all rows are of one length */
    private function __construct(private array $rows) {}

    /** @param  string  $key  rows with "|" between, in each the keys of its cells with ";" between */
    public static function fromKey(string $key): self
    {
        return new self($key === '' ? [] : array_map(fn(string $row): array => explode(';', $row), explode('|', $key)));
    }

    /** @return int cells across; 0 where there are none */
    public function width(): int
    {
        return count($this->rows[0] ?? []);
    }

    public function isEmpty(): bool
    {
        return $this->rows === [];
    }

    /**
     * What of a block comes into which cell.
     *
     * @param  bool  $isFirst  whether only the cell was pointed at where the block begins; what lies from there on is
     *   in the grid
     * @return array<string, array{int, int, string}> key of a cell => row and column of the block, from 1, and what
     *   stands there
     *
     * @throws UnreadableBlock where it does not fit
     */
    public function filled(PastedBlock $block, bool $isFirst): array
    {
        [$height, $width] = [count($this->rows), count($this->rows[0] ?? [])];
        if ($isFirst && ($block->height() > $height || $block->width() > $width)) {
            throw UnreadableBlock::reachesOut($block, $height, $width);
        }
        $block = $isFirst ? $block : $block->over($height, $width);
        $filled = [];
        for ($row = 0; $row < $block->height(); $row++) {
            for ($column = 0; $column < $block->width(); $column++) {
                $filled[$this->rows[$row][$column] ?? ''] = [$row + 1, $column + 1, $block->at($row, $column)];
            }
        }

        return $filled;
    }

    /** @param  list<string>  $keys */
    public static function selection(array $keys): Selection
    {
        return Selection::fromKey(
            $keys === ['']
                ? '*'
                : implode(';', array_map(fn(string $key): string => Combination::fromKey($key)->key, $keys)),
        );
    }
}
