<?php

declare(strict_types=1);

namespace Core\Sheets;

/**
 * A rectangle of cells as spreadsheets put it on the clipboard: a line to a row, a tab between cells; a cell that holds
 * a tab, a line break or a quote stands in quotes, with its own quotes doubled.
 */
final readonly class PastedBlock
{
    /** Cells. */
    public const MOST = 10_000;

    private const MOST_BYTES = 1_000_000;

    /** @param  non-empty-list<non-empty-list<string>>  $rows  of one length */
    private function __construct(private array $rows)
    {
    }

    /**
     * @param  string  $text  with tabs and line breaks of any system
     *
     * @throws UnreadableBlock
     */
    public static function read(string $text): self
    {
        if (strlen($text) > self::MOST_BYTES) {
            throw UnreadableBlock::isTooLarge(self::MOST);
        }
        $text = (string) preg_replace('/\r\n?/', "\n", mb_scrub($text, 'UTF-8'));
        // Each row ends in a line break, the last one too.
        $rows = self::rows(str_ends_with($text, "\n") ? substr($text, 0, -1) : $text);
        if ($text === '') {
            throw UnreadableBlock::isEmpty();
        }
        foreach ($rows as $at => $row) {
            if (count($row) !== count($rows[0])) {
                throw UnreadableBlock::isRagged($at + 1, count($row), count($rows[0]));
            }
        }
        if (count($rows) * count($rows[0]) > self::MOST) {
            throw UnreadableBlock::isTooLarge(self::MOST);
        }

        return new self($rows);
    }

    public function height(): int
    {
        return count($this->rows);
    }

    public function width(): int
    {
        return count($this->rows[0]);
    }

    /** @return string what stands in a cell, counted from 0 */
    public function at(int $row, int $column): string
    {
        return $this->rows[$row][$column];
    }

    /**
     * Repeated as often as it takes to cover what is selected.
     *
     * @throws UnreadableBlock where that is no whole number of times
     */
    public function over(int $height, int $width): self
    {
        if ($height % $this->height() !== 0 || $width % $this->width() !== 0 || $height === 0 || $width === 0) {
            throw UnreadableBlock::doesNotFit($this, $height, $width);
        }

        return new self(array_map(fn (int $row): array => array_map(fn (int $column): string => $this->at($row % $this->height(), $column % $this->width()), range(0, $width - 1)), range(0, $height - 1)));
    }

    /** "6 rows and 4 columns" */
    public function sizeInWords(): string
    {
        return self::size($this->height(), $this->width());
    }

    /** "6 rows and 4 columns" */
    public static function size(int $height, int $width): string
    {
        return "{$height} ".($height === 1 ? 'row' : 'rows')." and {$width} ".($width === 1 ? 'column' : 'columns');
    }

    /** @return non-empty-list<non-empty-list<string>> */
    private static function rows(string $text): array
    {
        // A cell in quotes, or one up to the next tab or line break; then what ends it.
        preg_match_all('/\G(?:"((?:[^"]|"")*)"|([^\t\n]*))(\t|\n|$)/', $text, $cells, PREG_SET_ORDER);
        $rows = [];
        $row = [];
        foreach ($cells as $cell) {
            $row[] = trim($cell[1] !== '' ? str_replace('""', '"', $cell[1]) : $cell[2]);
            if ($cell[3] !== "\t") {
                $rows[] = $row;
                $row = [];
            }
            if ($cell[3] === '') {
                break;
            }
        }

        return $rows === [] ? [['']] : $rows;
    }
}
