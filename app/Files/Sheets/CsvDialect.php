<?php

declare(strict_types=1);

namespace App\Files\Sheets;

use App\Media\Streams;
use Core\Sheets\SafeCell;
use Generator;

/** How a CSV is written: its letters, and what stands between its cells. */
final readonly class CsvDialect
{
    private const SEPARATORS = [',', ';', "\t", '|'];

    /** Lines by which the separator is told. */
    private const LINES = 30;

    private const UTF16 = ['UTF-16LE' => "\xFF\xFE", 'UTF-16BE' => "\xFE\xFF"];

    private const BOM = "\xEF\xBB\xBF";

    private function __construct(private string $encoding, private string $separator) {}

    /** Whether bytes are text in a way that is read here. */
    public static function isText(string $beginning): bool
    {
        $text = self::encodingOf($beginning) === 'UTF-8' ? $beginning : self::decoded($beginning);

        return $beginning !== '' && preg_match('/[\x00-\x08\x0E-\x1A\x1C-\x1F]/', $text) !== 1;
    }

    public static function of(string $beginning): self
    {
        $text = self::decoded($beginning);
        $lines = preg_split('/\r\n?|\n/', (string) preg_replace('/"(?:[^"]|"")*"/', '', $text)) ?: [];
        $lines = array_slice(array_filter($lines, fn(string $line): bool => trim($line) !== ''), 0, self::LINES);
        $best = [0, ','];
        foreach (self::SEPARATORS as $separator) {
            $counts = array_map(fn(string $line): int => substr_count($line, $separator), $lines);
            $usual = $counts === [] ? 0 : (int) (reset($counts) ?: 0);
            $alike = count(array_filter($counts, fn(int $count): bool => $count === $usual && $count > 0));
            // The header is the best witness; where it says as much for two, the one that the other lines follow.
            $weight = $usual * 1_000 + $alike;
            if ($weight > $best[0]) {
                $best = [$weight, $separator];
            }
        }

        return new self(self::encodingOf($beginning), $best[1]);
    }

    /** @return Generator<int, list<string>> by the number of the row, counted as spreadsheets count it */
    public function rows(string $path, int $mostColumns): Generator
    {
        $file = Streams::read($path);
        if ($this->encoding !== 'UTF-8') {
            stream_filter_append($file, "convert.iconv.{$this->encoding}/UTF-8", STREAM_FILTER_READ);
        }
        $number = 0;
        try {
            while (($cells = fgetcsv($file, null, $this->separator, '"', '')) !== false) {
                $number++;
                if ($number === 1) {
                    $cells[0] = (string) preg_replace('/^\x{FEFF}/u', '', mb_scrub((string) $cells[0], 'UTF-8'));
                }
                $texts = array_map(
                    fn(?string $cell): string => SafeCell::read(trim(mb_scrub((string) $cell, 'UTF-8'))),
                    array_slice($cells, 0, $mostColumns),
                );
                if (implode('', $texts) !== '') {
                    yield $number => $texts;
                }
            }
        } finally {
            fclose($file);
        }
    }

    private static function encodingOf(string $beginning): string
    {
        foreach (self::UTF16 as $encoding => $mark) {
            if (str_starts_with($beginning, $mark)) {
                return $encoding;
            }
        }
        // The last letter may be cut in two where the beginning ends.
        $whole = substr($beginning, 0, max(0, strlen($beginning) - 4));

        return mb_check_encoding($beginning, 'UTF-8') || self::isUtf8UpTo($beginning, strlen($whole))
            ? 'UTF-8'
            : 'WINDOWS-1252';
    }

    private static function isUtf8UpTo(string $text, int $least): bool
    {
        for ($length = strlen($text); $length > $least; $length--) {
            if (mb_check_encoding(substr($text, 0, $length), 'UTF-8')) {
                return true;
            }
        }

        return false;
    }

    private static function decoded(string $beginning): string
    {
        $encoding = self::encodingOf($beginning);
        $text = $encoding === 'UTF-8' ? $beginning : (string) @iconv($encoding, 'UTF-8//IGNORE', $beginning);

        return str_starts_with($text, self::BOM) ? substr($text, 3) : $text;
    }
}
