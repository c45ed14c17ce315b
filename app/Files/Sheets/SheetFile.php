<?php

declare(strict_types=1);

namespace App\Files\Sheets;

use Generator;
use OpenSpout\Common\Exception\SpoutException;
use OpenSpout\Reader\Common\Creator\ReaderEntityFactory;
use OpenSpout\Reader\ReaderInterface;
use Throwable;
use ZipArchive;

/** A sheet in a file: CSV in whatever way it is written, XLSX or ODS. Its rows are read one at a time. */
final class SheetFile
{
    /** Cells across that are read; no spreadsheet that people keep has more. */
    public const MOST_COLUMNS = 300;

    /** Characters of a cell: more than that no spreadsheet program holds. */
    public const LONGEST_CELL = 32_767;

    /** Bytes that a packed sheet may have unpacked. */
    private const MOST_UNPACKED = 2 * 1024 * 1024 * 1024;

    /** Bytes by which the kind of a file is told. */
    private const BEGINNING = 64 * 1024;

    /** Rows without anything in a row, after which nothing is looked for any more. */
    private const MOST_EMPTY = 10_000;

    private function __construct(private readonly string $path, private readonly SheetFormat $format) {}

    /** Whether the first bytes of a file are those of a workbook: then it is no archive of pictures. */
    public static function isWorkbook(string $path): bool
    {
        return SheetFormat::ofWorkbook($path) !== null;
    }

    /** Whether a file is a sheet, by its bytes, and by its name where that is text. */
    public static function isSheet(string $path, string $name): bool
    {
        if (self::isWorkbook($path)) {
            return true;
        }
        $ending = strtolower(pathinfo($name, PATHINFO_EXTENSION));

        return in_array($ending, ['csv', 'tsv'], true) && CsvDialect::isText(self::beginning($path));
    }

    /** @throws UnreadableSheet */
    public static function open(string $path, string $name): self
    {
        $format = SheetFormat::ofWorkbook($path);
        if ($format === null) {
            if (!CsvDialect::isText(self::beginning($path))) {
                throw UnreadableSheet::isNone($name);
            }

            return new self($path, SheetFormat::Csv);
        }
        $archive = new ZipArchive();
        if ($archive->open($path, ZipArchive::RDONLY) !== true) {
            throw UnreadableSheet::isBroken($name);
        }
        $bytes = 0;
        for ($at = 0; $at < $archive->numFiles; $at++) {
            $bytes += $archive->statIndex($at)['size'] ?? 0;
        }
        $archive->close();
        if ($bytes > self::MOST_UNPACKED) {
            throw UnreadableSheet::isTooLarge($name);
        }

        return new self($path, $format);
    }

    /**
     * The rows of a sheet that is shown, by their numbers in it; those with nothing in them are passed over.
     *
     * @param  int  $shown  which of those that are shown, from 0
     * @return Generator<int, list<string>>
     *
     * @throws UnreadableSheet
     */
    public function rows(int $shown = 0): Generator
    {
        return $this->format === SheetFormat::Csv
            ? CsvDialect::of(self::beginning($this->path))->rows($this->path, self::MOST_COLUMNS)
            : $this->rowsOfWorkbook($shown);
    }

    /**
     * Names of the sheets of a workbook; of a text there is one without a name.
     *
     * @return array{list<string>, list<string>} those that are shown, and those that are hidden
     */
    public function sheets(): array
    {
        if ($this->format === SheetFormat::Csv) {
            return [[''], []];
        }
        $shown = $hidden = [];
        $this->reading(function (ReaderInterface $reader) use (&$shown, &$hidden): void {
            foreach ($reader->getSheetIterator() as $sheet) {
                if ($sheet?->isVisible() === true) {
                    $shown[] = $sheet->getName();
                } elseif ($sheet !== null) {
                    $hidden[] = $sheet->getName();
                }
            }
        });

        return [$shown, $hidden];
    }

    /** @return Generator<int, list<string>> */
    private function rowsOfWorkbook(int $shown): Generator
    {
        $reader = $this->reader();
        try {
            foreach ($reader->getSheetIterator() as $sheet) {
                if ($sheet?->isVisible() !== true || $shown-- > 0) {
                    continue;
                }
                $empty = 0;
                foreach ($sheet->getRowIterator() as $number => $row) {
                    $cells = array_map(CellText::of(...), array_slice($row->toArray(), 0, self::MOST_COLUMNS));
                    if (implode('', $cells) !== '') {
                        yield $number => array_values($cells);
                        $empty = 0;
                    } elseif (++$empty > self::MOST_EMPTY) {
                        break;
                    }
                }
                break;
            }
        } catch (SpoutException $fault) {
            throw UnreadableSheet::stoppedAt($fault->getMessage());
        } finally {
            $reader->close();
        }
    }

    /** @param  callable(ReaderInterface): void  $work */
    private function reading(callable $work): void
    {
        $reader = $this->reader();
        try {
            $work($reader);
        } finally {
            $reader->close();
        }
    }

    private function reader(): ReaderInterface
    {
        try {
            if ($this->format === SheetFormat::Xlsx) {
                $reader = ReaderEntityFactory::createXLSXReader();
            } else {
                $reader = ReaderEntityFactory::createODSReader();
            }
            $reader->setShouldPreserveEmptyRows(true);
            $reader->open($this->path);

            return $reader;
        } catch (Throwable $fault) {
            throw UnreadableSheet::stoppedAt($fault->getMessage());
        }
    }

    private static function beginning(string $path): string
    {
        return (string) file_get_contents($path, false, null, 0, self::BEGINNING);
    }
}
