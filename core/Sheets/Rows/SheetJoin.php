<?php

declare(strict_types=1);

namespace Core\Sheets\Rows;

use Core\Text\Name;

/**
 * Several sheets of one workbook that belong together: a sheet of SKUs, one of products, one that says which SKU is of
 * which product. Each row of the one with most to say is read with what the others say under the same key.
 */
final readonly class SheetJoin
{
    /** Of what stands in a column, so many in a hundred have to be keys of the other sheet, and the other way round. */
    private const MOST_OF = 50;

    /**
     * @param  int  $base  place of the sheet whose rows are read
     * @param  list<JoinedSheet>  $joined  in the order in which they are joined
     * @param  list<string>  $headers  of the rows as they are read
     */
    private function __construct(public int $base, public array $joined, public array $headers) {}

    /**
     * @param  list<SheetTable>  $tables
     * @param  callable(string): string  $identify  the same for headers that mean the same
     * @return ?self null where no two of them have a key in common
     */
    public static function recognized(array $tables, callable $identify): ?self
    {
        $best = null;
        $order = array_keys($tables);
        // The sheet with the most rows is that of the SKUs.
        usort($order, fn(int $a, int $b): int => count($tables[$b]->rows) <=> count($tables[$a]->rows));
        foreach ($order as $base) {
            $join = self::from($base, $tables, $identify);
            if (count($join->joined) > count($best->joined ?? [])) {
                $best = $join;
            }
        }

        return $best;
    }

    /**
     * @param  list<SheetTable>  $tables
     * @param  callable(string): string  $identify
     */
    private static function from(int $base, array $tables, callable $identify): self
    {
        $headers = $tables[$base]->headers;
        // Of each column that is read so far: the sheet and the place it comes from.
        $origins = array_map(fn(int $place): array => [$base, $place], array_keys($headers));
        $joined = [];
        $open = array_diff_key($tables, [$base => true]);
        for ($isFound = true; $isFound; ) {
            $isFound = false;
            foreach ($open as $at => $table) {
                $found = self::key($table, $headers, $origins, $tables, $identify);
                if ($found === null) {
                    continue;
                }
                [$from, $key] = $found;
                $width = count($headers);
                [$sheet, $place] = $origins[$from];
                $places = self::more($table, $key, $headers, $tables[$sheet]->isKey($place), $identify);
                if ($places === []) {
                    continue;
                }
                $unused = count(array_diff_key($table->column($key), $tables[$sheet]->column($place)));
                foreach ($places as $own) {
                    $headers[] = $table->headers[$own];
                    $origins[] = [$at, $own];
                }
                $joined[] = new JoinedSheet($table, $from, $key, $places, $width, $unused);
                unset($open[$at]);
                $isFound = true;
            }
        }

        return new self($base, $joined, self::saidOnce($headers, count($tables[$base]->headers), $identify));
    }

    /**
     * The columns that a sheet adds. Where each of its rows is one row here, what is said here already counts; where it
     * is about several, as products are, it says it of all of them.
     *
     * @param  list<string>  $headers
     * @param  callable(string): string  $identify
     * @return list<int> none where it says nothing new
     */
    private static function more(
        SheetTable $table,
        int $key,
        array $headers,
        bool $isOneToOne,
        callable $identify,
    ): array {
        $known = array_fill_keys(array_map($identify, $headers), true);
        $others = array_diff(array_keys($table->headers), [$key]);
        $new = array_filter(
            $others,
            fn(int $place): bool => trim($table->headers[$place]) !== '' &&
                !isset($known[$identify($table->headers[$place])]),
        );

        return $new === [] ? [] : array_values($isOneToOne ? $new : $others);
    }

    /**
     * By which column of those read so far a sheet is found, and which of its own is its key.
     *
     * @param  list<string>  $headers
     * @param  list<array{int, int}>  $origins
     * @param  list<SheetTable>  $tables
     * @param  callable(string): string  $identify
     * @return ?array{int, int}
     */
    private static function key(
        SheetTable $table,
        array $headers,
        array $origins,
        array $tables,
        callable $identify,
    ): ?array {
        foreach ($table->headers as $key => $header) {
            if (trim($header) === '' || !$table->isKey($key)) {
                continue;
            }
            $keys = $table->column($key);
            foreach ($headers as $from => $other) {
                if ($identify($other) !== $identify($header)) {
                    continue;
                }
                [$sheet, $place] = $origins[$from];
                $values = $tables[$sheet]->column($place);
                $common = count(array_intersect_key($values, $keys)) * 100;
                if ($common > 0 && $common >= max(count($values), count($keys)) * self::MOST_OF) {
                    return [$from, $key];
                }
            }
        }

        return null;
    }

    /**
     * What two sheets say under one header is said by the one that was joined, as it is about the whole product; the
     * column of the rows themselves loses its header, and is left alone.
     *
     * @param  list<string>  $headers
     * @param  callable(string): string  $identify
     * @return list<string>
     */
    private static function saidOnce(array $headers, int $own, callable $identify): array
    {
        $last = [];
        foreach ($headers as $place => $header) {
            $last[$identify($header)] = $place;
        }

        return array_map(
            fn(string $header, int $place): string => $place < $own && $last[$identify($header)] >= $own
                ? trim("{$header} (not read)")
                : $header,
            $headers,
            array_keys($headers),
        );
    }

    /**
     * A row with what the other sheets say of it.
     *
     * @param  list<string>  $cells
     * @return list<string>
     */
    public function row(array $cells): array
    {
        foreach ($this->joined as $sheet) {
            $cells = $sheet->onto($cells);
        }

        return $cells;
    }

    /** @return list<string> names of the sheets that are joined */
    public function names(): array
    {
        return array_map(fn(JoinedSheet $sheet): string => $sheet->table->name, $this->joined);
    }

    /** "Joined: Products by product (2 of its rows are not taken up), Links by sku" */
    public function inWords(): string
    {
        return 'Joined: ' .
            implode(
                ', ',
                array_map(
                    fn(JoinedSheet $sheet): string => "{$sheet->table->name} by " .
                        Name::of($sheet->table->headers[$sheet->key])->shown .
                        match ($sheet->unused) {
                            0 => '',
                            1 => ' (1 of its rows is not taken up)',
                            default => " ({$sheet->unused} of its rows are not taken up)",
                        },
                    $this->joined,
                ),
            );
    }
}
