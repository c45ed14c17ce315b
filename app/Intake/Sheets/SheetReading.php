<?php

declare(strict_types=1);

namespace App\Intake\Sheets;

use App\Files\Sheets\SheetFile;
use App\Files\Sheets\UnreadableSheet;
use App\Models\LibraryAxis;
use App\Models\Sheets\Sheet;
use Core\Matrix\AxisKind;
use Core\Sheets\Columns\ColumnReader;
use Core\Sheets\Rows\SheetJoin;
use Core\Sheets\Rows\SheetLayout;
use Core\Sheets\Rows\SheetTable;
use Core\Text\Name;

/**
 * Reads the rows of a sheet out of its file, recognizes its columns by the first of them, and stores each row with the
 * product that it is about. Broken off, it begins again.
 */
final readonly class SheetReading
{
    public const MOST_ROWS = 250_000;

    private const CHUNK = 500;

    /** Rows by which columns and shape are recognized. */
    private const SAMPLE = 200;

    /** Rows of all sheets of a workbook, up to which they are joined. */
    private const MOST_JOINED = 50_000;

    /** Rows above the header that say something else, such as a title. */
    private const MOST_ABOVE = 10;

    public function __construct(private SheetSorting $sorting, private SenderColumns $senders) {}

    /** @throws UnreadableSheet */
    public function read(Sheet $sheet, string $path): void
    {
        $file = SheetFile::open($path, $sheet->name);
        [$shown, $hidden] = $file->sheets();
        $join = count($shown) > 1 ? $this->joined($sheet, $file, $shown) : null;
        $this->sorting->begin($sheet);
        $headers = $sorter = null;
        $waiting = [];
        $count = 0;
        foreach ($this->fromHeader($file, $join->base ?? 0) as $number => $cells) {
            if ($headers === null) {
                $headers = $join->headers ?? $cells;

                continue;
            }
            if (++$count > self::MOST_ROWS) {
                throw UnreadableSheet::hasTooManyRows($sheet->name, self::MOST_ROWS);
            }
            $waiting[$number] = $join?->row($cells) ?? $cells;
            if (count($waiting) === self::CHUNK) {
                $sorter ??= $this->recognized($sheet, $headers, $waiting);
                $this->sorting->store($sheet, $sorter, $waiting);
                $waiting = [];
            }
        }
        if ($headers === null || $count === 0) {
            throw UnreadableSheet::isEmpty($sheet->name);
        }
        $sorter ??= $this->recognized($sheet, $headers, $waiting);
        $this->sorting->store($sheet, $sorter, $waiting);
        $sheet->update(['notes' => self::notes($shown, $hidden, $join), 'rows' => $count]);
        $this->sorting->finish($sheet, $sorter);
    }

    /**
     * @param  list<string>  $headers
     * @param  array<int, list<string>>  $first  rows
     */
    private function recognized(Sheet $sheet, array $headers, array $first): RowSorter
    {
        $layout = $this->layout($sheet->sender, $headers, array_slice($first, 0, self::SAMPLE));
        $sheet->update(['layout' => LayoutRecord::encode($layout)]);

        return new RowSorter($layout);
    }

    /**
     * Sheets of a workbook that belong together; null where they do not, or where there is too much of them.
     *
     * @param  list<string>  $names
     */
    private function joined(Sheet $sheet, SheetFile $file, array $names): ?SheetJoin
    {
        $tables = [];
        $all = 0;
        foreach ($names as $at => $name) {
            $headers = null;
            $rows = [];
            foreach ($this->fromHeader($file, $at) as $cells) {
                if ($headers === null) {
                    $headers = $cells;
                } else {
                    $rows[] = $cells;
                }
                if (++$all > self::MOST_JOINED) {
                    return null;
                }
            }
            $tables[] = new SheetTable($name, $headers ?? [], $rows);
        }
        $columns = $this->columnReader($sheet->sender);
        $known = [];

        return SheetJoin::recognized($tables, function (string $header) use ($columns, &$known): string {
            return $known[$header] ??= $columns->read([$header], [])[0]->field?->key() ?? Name::of($header)->folded;
        });
    }

    /**
     * @param  list<string>  $shown
     * @param  list<string>  $hidden
     * @return list<string> which sheets are joined, and which are not read
     */
    private static function notes(array $shown, array $hidden, ?SheetJoin $join): array
    {
        $read = [$shown[$join->base ?? 0] ?? '', ...$join?->names() ?? []];
        $others = [...array_diff($shown, $read), ...array_map(fn(string $name): string => "{$name} (hidden)", $hidden)];

        return array_values(
            array_filter([$join?->inWords() ?? '', $others === [] ? '' : 'Not read: ' . implode(', ', $others)]),
        );
    }

    /**
     * What stands above the header is passed over: the header is the first of the rows that has most of the cells.
     *
     * @param  int  $shown  which of the sheets that are shown
     * @return iterable<int, list<string>>
     */
    private function fromHeader(SheetFile $file, int $shown = 0): iterable
    {
        $above = [];
        $isFound = false;
        foreach ($file->rows($shown) as $number => $cells) {
            if ($isFound) {
                yield $number => $cells;

                continue;
            }
            $above[$number] = $cells;
            if (count($above) === self::MOST_ABOVE) {
                yield from self::fromWidest($above);
                $isFound = true;
            }
        }
        if (!$isFound) {
            yield from self::fromWidest($above);
        }
    }

    /**
     * @param  array<int, list<string>>  $rows
     * @return array<int, list<string>>
     */
    private static function fromWidest(array $rows): array
    {
        $filled = array_map(
            fn(array $cells): int => count(array_filter($cells, fn(string $cell): bool => $cell !== '')),
            $rows,
        );
        $most = $filled === [] ? 0 : max($filled);
        foreach ($filled as $number => $count) {
            // A title has one cell or two; a row that lacks some is none.
            if ($count * 2 >= $most) {
                return array_filter($rows, fn(int $at): bool => $at >= $number, ARRAY_FILTER_USE_KEY);
            }
        }

        return $rows;
    }

    /**
     * @param  list<string>  $headers
     * @param  list<list<string>>  $sample
     */
    private function layout(string $sender, array $headers, array $sample): SheetLayout
    {
        $kinds = self::axisKinds();
        $columns = $this->columnReader($sender)->read($headers, $sample);
        $sizes = isset($kinds['Size']) ? 'Size' : array_search(AxisKind::Size, $kinds, true);

        return SheetLayout::recognized($columns, $sample, $sizes === false ? 'Size' : (string) $sizes);
    }

    private function columnReader(string $sender): ColumnReader
    {
        return new ColumnReader($this->senders->of($sender), self::axisKinds());
    }

    /** @return array<string, AxisKind> by name of the axis */
    private static function axisKinds(): array
    {
        return array_map(
            fn(AxisKind|string $kind): AxisKind => $kind instanceof AxisKind ? $kind : AxisKind::from($kind),
            LibraryAxis::query()->orderBy('id')->pluck('kind', 'name')->all(),
        );
    }
}
