<?php

declare(strict_types=1);

namespace Tests\Support;

/** A supplier's sheet of 2,000 rows with forty faults of twenty kinds, as people and programs make them. */
final class FaultySheet
{
    private const HEADER = [
        'Artikelnummer',
        'Bezeichnung',
        'Beschreibung',
        'Marke',
        'Farbe',
        'Größe',
        'SKU',
        'EAN',
        'Preis',
        'Bestand',
        'pre-order',
        'Bild',
        'Notiz',
    ];

    private const COLORS = ['Moss', 'Clay', 'Slate'];

    private const SIZES = ['S', 'M', 'L', 'XL'];

    /** What stands in which cell, and the header of the field at fault; none where it is understood as it is. */
    private const KINDS = [
        // Near-equal names.
        [[4 => 'Slatee'], 'axis Color'],
        [[4 => 'Clayy'], 'axis Color'],
        // Another case is the same name.
        [[4 => 'mOSS'], ''],
        [[4 => 'CLAY '], ''],
        // A code that another product has, in whatever case.
        [[6 => 'P100-MO-S'], 'sku'],
        [[6 => 'p101-mo-s'], 'sku'],
        // A GTIN with a wrong check digit, and one with too few digits.
        [[7 => '4006381333932'], 'gtin'],
        [[7 => '40063813338'], 'gtin'],
        // What a spreadsheet makes of one.
        [[7 => '4.00E+12'], 'gtin'],
        [[7 => '4,00638E+12'], 'gtin'],
        // A lost zero, which the check digit proves.
        [[7 => '12345678905'], ''],
        [[7 => '36000291452'], ''],
        // Decimal comma, thousands, a sign of the currency.
        [[8 => '49,50'], ''],
        [[8 => '€ 1.049,50'], ''],
        // Amounts that can be read in two ways.
        [[8 => '1.234'], 'price'],
        [[8 => '0,500'], 'price'],
        // Pictures that are not there.
        [[11 => 'Dusk front.jpg'], 'photos'],
        [[11 => 'Moss front.jpg|nowhere.jpg'], 'photos'],
        // Pictures in another case, with another ending.
        [[11 => 'MOSS_FRONT.PNG'], ''],
        [[11 => 'clay-front.jpeg'], ''],
        // Formula cells.
        [[2 => "'=HYPERLINK(\"x\")"], 'description'],
        [[6 => "'=1+1"], 'sku'],
        // Three orders of dates, and one with two readings.
        [[10 => '24.12.2026'], ''],
        [[10 => '12/24/2026'], ''],
        [[10 => '2026-12-24'], ''],
        [[10 => '05/06/2026'], 'pre-order'],
        // Cells that no spreadsheet holds.
        [[2 => ['long ', 7_000]], 'description'],
        [[1 => ['name ', 7_000]], 'name'],
        // A value that another axis has as well.
        [[4 => 'M', 6 => 'P029-M'], ''],
        [[5 => 'Moss', 6 => 'P030-MOSS'], ''],
        // What rows of one product say differently.
        [[3 => 'Linun'], 'brand'],
        [[3 => 'Other'], 'brand'],
        // Units that are none.
        [[9 => 'many'], 'stock'],
        [[9 => '7.5'], 'stock'],
    ];

    /** @var list<list<string>> */
    private array $rows = [];

    /** @var array<int, string> number of a row => header of the field at fault */
    public array $faults = [];

    private function __construct() {}

    public static function drawn(): self
    {
        $sheet = new self();
        for ($at = 1; count($sheet->rows) < 1_980; $at++) {
            $sheet->product(sprintf('P%03d', $at), sprintf('Garden thing %03d', $at));
        }
        $sheet->product('OVERALL', 'Overall of linen');
        $sheet->spoil();

        return $sheet;
    }

    private function product(string $code, string $name): void
    {
        foreach (self::COLORS as $color) {
            foreach (self::SIZES as $size) {
                $this->rows[] = [
                    $code,
                    $name,
                    'Of strong cloth',
                    'Linum',
                    $color,
                    $size,
                    strtoupper("{$code}-" . substr($color, 0, 2) . "-{$size}"),
                    '',
                    '49,00',
                    '7',
                    '',
                    "{$color} front.jpg",
                    'from the catalog of 2026',
                ];
            }
        }
    }

    /** Two of each kind, each in a product of its own. */
    private function spoil(): void
    {
        foreach (self::KINDS as $at => [$cells, $fault]) {
            // In the first row of a product and further down, in turn.
            $row = 12 * $at + ($at % 2) * 5;
            foreach ($cells as $place => $text) {
                $this->rows[$row][$place] = is_array($text) ? str_repeat($text[0], $text[1]) : $text;
            }
            if ($fault !== '') {
                $this->faults[self::number($row)] = $fault;
            }
        }
        // A code that another product has is wrong in one of the two: both wait for a person.
        $this->faults[self::number(12 * 99)] = 'sku';
        $this->faults[self::number(12 * 100)] = 'sku';
        // A group that a slip parts: rows of OVERALL.
        $last = count($this->rows) - 12;
        foreach ([$last + 4, $last + 5] as $row) {
            $this->rows[$row][0] = 'OVERAL';
        }
        $this->faults[self::number($last + 4)] = 'product';
    }

    /** The number of a row in the file: a header is above it, and an empty row behind each five hundredth. */
    private static function number(int $row): int
    {
        return $row + 3 + intdiv($row, 500);
    }

    /** @return string as a program of another country writes it: Latin-1, semicolons, with rows in which nothing stands */
    public function latin(): string
    {
        $lines = [self::HEADER, ...$this->rows];
        $written = '';
        foreach ($lines as $at => $cells) {
            $written .= self::line($cells);
            $written .= $at % 500 === 0 ? ";;;;;;;;;;;;\n" : '';
        }

        return mb_convert_encoding($written, 'Windows-1252', 'UTF-8');
    }

    /** @param  list<string>  $cells */
    private static function line(array $cells): string
    {
        return implode(
            ';',
            array_map(
                fn(string $cell): string => preg_match('/[;"\n]/', $cell) === 1
                    ? '"' . str_replace('"', '""', $cell) . '"'
                    : $cell,
                $cells,
            ),
        ) . "\n";
    }
}
