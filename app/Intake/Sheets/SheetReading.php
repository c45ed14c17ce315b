<?php

declare(strict_types=1);

namespace App\Intake\Sheets;

use App\Files\Sheets\SheetFile;
use App\Files\Sheets\UnreadableSheet;
use App\Models\LibraryAxis;
use App\Models\Sheets\Sheet;
use App\Models\Sheets\SheetState;
use Core\Matrix\AxisKind;
use Core\Sheets\Columns\ColumnReader;
use Core\Sheets\Rows\SheetLayout;

/** Reads the rows of a sheet out of its file, and recognizes its columns. Broken off, it goes on behind the last row. */
final readonly class SheetReading
{
    public const MOST_ROWS = 250_000;

    private const CHUNK = 500;

    /** Rows by which columns and shape are recognized. */
    private const SAMPLE = 200;

    /** Rows above the header that say something else, such as a title. */
    private const MOST_ABOVE = 10;

    public function __construct(private SheetRows $rows, private SenderColumns $senders) {}

    /** @throws UnreadableSheet */
    public function read(Sheet $sheet, string $path): void
    {
        $file = SheetFile::open($path, $sheet->name);
        $known = $this->rows->last($sheet);
        $sample = $waiting = [];
        $headers = null;
        $count = 0;
        foreach ($this->fromHeader($file) as $number => $cells) {
            if ($headers === null) {
                $headers = $cells;

                continue;
            }
            if (++$count > self::MOST_ROWS) {
                throw UnreadableSheet::hasTooManyRows($sheet->name, self::MOST_ROWS);
            }
            if (count($sample) < self::SAMPLE) {
                $sample[] = $cells;
            }
            if ($number > $known) {
                $waiting[$number] = $cells;
            }
            if (count($waiting) === self::CHUNK) {
                $this->rows->insert($sheet, $waiting);
                $sheet->update(['beat_at' => now()]);
                $waiting = [];
            }
        }
        if ($headers === null || $sample === []) {
            throw UnreadableSheet::isEmpty($sheet->name);
        }
        $this->rows->insert($sheet, $waiting);
        $others = $file->otherSheets();
        $sheet->update([
            'layout' => LayoutRecord::encode($this->layout($sheet->sender, $headers, $sample)),
            'notes' => $others === [] ? [] : ['Not read: ' . implode(', ', $others)],
            'rows' => $count,
            'state' => SheetState::Sorting,
            'beat_at' => now(),
        ]);
    }

    /**
     * What stands above the header is passed over: the header is the first of the rows that has most of the cells.
     *
     * @return iterable<int, list<string>>
     */
    private function fromHeader(SheetFile $file): iterable
    {
        $above = [];
        $isFound = false;
        foreach ($file->rows() as $number => $cells) {
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
        $axes = LibraryAxis::query()->orderBy('id')->pluck('kind', 'name')->all();
        $kinds = array_map(
            fn(AxisKind|string $kind): AxisKind => $kind instanceof AxisKind ? $kind : AxisKind::from($kind),
            $axes,
        );
        $columns = (new ColumnReader($this->senders->of($sender), $kinds))->read($headers, $sample);
        $sizes = isset($kinds['Size']) ? 'Size' : array_search(AxisKind::Size, $kinds, true);

        return SheetLayout::recognized($columns, $sample, $sizes === false ? 'Size' : (string) $sizes);
    }
}
