<?php

declare(strict_types=1);

namespace Core\Sheets;

/**
 * A rectangle of cells as spreadsheets put it on the clipboard: a line to a row, a tab between cells; a cell that holds
 * a tab, a line break or a quote stands in quotes, with its own quotes doubled. Out of a file, semicolons or commas may
 * stand between cells, where there is no tab.
 */
final readonly class PastedBlock
{
    /** Cells. */
    public const MOST = 10_000;

    private const MOST_BYTES = 1_000_000;

    /** @param  non-empty-list<non-empty-list<string>>  $rows  of one length */
    private function __construct(private array $rows) {}

    /**
     * @param  string  $text  with tabs and line breaks of any system
     * @param  ?int  $width  of the cells that it goes into, which tells "49,50" of one price from that of two; null
     *                       where only the first of them is known
     *
     * @throws UnreadableBlock
     */
    public static function read(string $text, ?int $width = null): self
    {
        if (strlen($text) > self::MOST_BYTES) {
            throw UnreadableBlock::isTooLarge(self::MOST);
        }
        if (str_contains($text, "\0")) {
            throw UnreadableBlock::hasNoText();
        }
        $text = (string) preg_replace(['/^\x{FEFF}/u', '/\r\n?/'], ['', "\n"], mb_scrub($text, 'UTF-8'));
        // Each row ends in a line break, the last one too.
        $rows = self::rows(str_ends_with($text, "\n") ? substr($text, 0, -1) : $text, self::separator($text, $width));
        if ($text === '') {
            throw UnreadableBlock::isEmpty();
        }
        // Rows behind the last one, in which nothing stands at all.
        while (count($rows) > 1 && count($rows[0]) > 1 && $rows[count($rows) - 1] === ['']) {
            array_pop($rows);
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

    /** Without its first row, where that names what stands below: no digit in it, and some in the next. */
    public function withoutHeading(): self
    {
        $isHeading =
            count($this->rows) > 1 &&
            implode('', $this->rows[0]) !== '' &&
            !self::hasDigits($this->rows[0]) &&
            self::hasDigits($this->rows[1]);

        return $isHeading ? new self(array_slice($this->rows, 1)) : $this;
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

        return new self(
            array_map(
                fn(int $row): array => array_map(
                    fn(int $column): string => $this->at($row % $this->height(), $column % $this->width()),
                    range(0, $width - 1),
                ),
                range(0, $height - 1),
            ),
        );
    }

    /** "6 rows and 4 columns" */
    public function sizeInWords(): string
    {
        return self::size($this->height(), $this->width());
    }

    /** "6 rows and 4 columns" */
    public static function size(int $height, int $width): string
    {
        return "{$height} " .
            ($height === 1 ? 'row' : 'rows') .
            " and {$width} " .
            ($width === 1 ? 'column' : 'columns');
    }

    /** @param  list<string>  $row */
    private static function hasDigits(array $row): bool
    {
        return preg_match('/\p{N}/u', implode('', $row)) === 1;
    }

    /**
     * What stands between cells: a tab where there is one; else what parts every line into as many. A single comma may
     * be a decimal sign as well: it parts cells only where as many are to be filled.
     */
    private static function separator(string $text, ?int $width): string
    {
        $lines = array_values(
            array_filter(
                explode("\n", (string) preg_replace('/"(?:[^"]|"")*"/', '', $text)),
                fn(string $line): bool => trim($line) !== '',
            ),
        );
        if (str_contains($text, "\t") || $lines === []) {
            return "\t";
        }
        foreach ([';', ','] as $sign) {
            $counts = array_unique(array_map(fn(string $line): int => substr_count($line, $sign), $lines));
            $count = count($counts) === 1 ? (int) reset($counts) : 0;
            if ($count > 1 || ($count === 1 && ($sign === ';' || $width === 2))) {
                return $sign;
            }
        }

        return "\t";
    }

    /** @return non-empty-list<non-empty-list<string>> */
    private static function rows(string $text, string $separator): array
    {
        // A cell in quotes, or one up to the next separator or line break; then what ends it.
        preg_match_all(
            "/\\G(?:\"((?:[^\"]|\"\")*)\"|([^{$separator}\n]*))({$separator}|\n|$)/",
            $text,
            $cells,
            PREG_SET_ORDER,
        );
        $rows = [];
        $row = [];
        foreach ($cells as $cell) {
            $row[] = trim($cell[1] !== '' ? str_replace('""', '"', $cell[1]) : $cell[2]);
            if ($cell[3] !== $separator) {
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
