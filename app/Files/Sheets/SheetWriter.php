<?php

declare(strict_types=1);

namespace App\Files\Sheets;

use Core\Refusal;
use Core\RefusalKind;
use OpenSpout\Common\Entity\Cell;
use OpenSpout\Common\Entity\Row;
use OpenSpout\Writer\Common\Creator\WriterEntityFactory;
use OpenSpout\Writer\WriterInterface;

/** Writes rows of text to a sheet, one at a time. */
final class SheetWriter
{
    /** What XML 1.0 cannot hold (section 2.2). */
    private const NO_XML = '/[^\x{9}\x{A}\x{D}\x{20}-\x{D7FF}\x{E000}-\x{FFFD}\x{10000}-\x{10FFFF}]+/u';

    private function __construct(private readonly WriterInterface $writer, private readonly bool $isXml) {}

    /** RFC 4180, UTF-8, comma, no byte-order mark. */
    public static function csv(string $path): self
    {
        $writer = WriterEntityFactory::createCSVWriter();
        $writer->setShouldAddBOM(false);
        $writer->openToFile($path);

        return new self($writer, false);
    }

    /**
     * @param  string  $ending csv, xlsx or ods
     *
     * @throws Refusal
     */
    public static function byEnding(string $path, string $ending): self
    {
        if ($ending === 'csv') {
            return self::csv($path);
        }
        $writer = match ($ending) {
            'xlsx' => WriterEntityFactory::createXLSXWriter(),
            'ods' => WriterEntityFactory::createODSWriter(),
            default => throw new Refusal(
                "“.{$ending}” is not a sheet. Name the file .csv, .xlsx or .ods.",
                RefusalKind::Unreadable,
                'file',
            ),
        };
        $writer->openToFile($path);

        return new self($writer, true);
    }

    /** @param  list<string>  $cells */
    public function row(array $cells): void
    {
        $this->writer->addRow(
            new Row(
                array_map(
                    fn(string $text): Cell => new Cell(
                        $this->isXml ? (string) preg_replace(self::NO_XML, '', $text) : $text,
                    ),
                    $cells,
                ),
                null,
            ),
        );
    }

    public function close(): void
    {
        $this->writer->close();
    }
}
