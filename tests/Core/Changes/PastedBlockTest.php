<?php

declare(strict_types=1);

use Core\Sheets\PastedBlock;
use Core\Sheets\UnreadableBlock;
use Tests\Core\Color\Samples;

/** @return list<list<string>> */
function cellsOf(PastedBlock $block): array
{
    return array_map(
        fn(int $row): array => array_map(
            fn(int $column): string => $block->at($row, $column),
            range(0, $block->width() - 1),
        ),
        range(0, $block->height() - 1),
    );
}

it('reads what spreadsheets put on the clipboard', function (string $text, array $rows) {
    expect(cellsOf(PastedBlock::read($text)))->toBe($rows);
})->with([
    'one cell' => ['49.00', [['49.00']]],
    'with the break behind it' => ["49\n", [['49']]],
    'rows and columns' => ["1\t2\r\n3\t4\r\n", [['1', '2'], ['3', '4']]],
    'of an old system' => ["1\r2\r", [['1'], ['2']]],
    'empty cells' => ["\t2\n3\t\n", [['', '2'], ['3', '']]],
    'an empty row' => ["1\n\n3\n", [['1'], [''], ['3']]],
    'quotes' => ["\"a\tb\"\t\"say \"\"so\"\"\"\n\"two\nlines\"\tc\n", [["a\tb", 'say "so"'], ["two\nlines", 'c']]],
    'spaces' => [" 1 \t 2\u{00A0}\n", [['1', "2\u{00A0}"]]],
    'only a break' => ["\n", [['']]],
    'a byte-order mark' => ["\u{FEFF}49\t50\n", [['49', '50']]],
    'rows in which nothing stands, behind the last' => ["1\t2\n\n\n", [['1', '2']]],
    'semicolons of a file' => ["49,50;52,00\n54,00;57,50\n", [['49,50', '52,00'], ['54,00', '57,50']]],
    'commas of a file' => ["49.50,52,57\n54,57,\"1,200.50\"\n", [['49.50', '52', '57'], ['54', '57', '1,200.50']]],
    'a column of prices with a decimal comma' => ["49,50\n52,00\n", [['49,50'], ['52,00']]],
]);

it(
    'takes a single comma for what parts cells only where two are to be filled (49,50 of a file was one price)',
    function () {
        expect(cellsOf(PastedBlock::read("49,50\n52,57", 2)))
            ->toBe([['49', '50'], ['52', '57']])
            ->and(cellsOf(PastedBlock::read("49,50\n52,57", 1)))
            ->toBe([['49,50'], ['52,57']]);
    },
);

it('passes over a row that names what stands below', function () {
    expect(cellsOf(PastedBlock::read("S\tM\n49\t50\n")->withoutHeading()))
        ->toBe([['49', '50']])
        ->and(cellsOf(PastedBlock::read("36\t38\n49\t50\n")->withoutHeading()))
        ->toBe([['36', '38'], ['49', '50']])
        ->and(cellsOf(PastedBlock::read("\t\n49\t50\n")->withoutHeading()))
        ->toBe([['', ''], ['49', '50']])
        ->and(cellsOf(PastedBlock::read("S\tM\n")->withoutHeading()))
        ->toBe([['S', 'M']]);
});

it('refuses what is no block, by the row', function (string $text, string $why) {
    expect(fn() => PastedBlock::read($text))->toThrow(UnreadableBlock::class, $why);
})->with([
    ['', 'Nothing was copied'],
    ["49\0", 'is no text'],
    ["1\t2\n3\n", 'Row 2 of the block has 1 cell, the first has 2'],
    [
        str_repeat("1\t", 100) . "1\n" . str_repeat(str_repeat("1\t", 100) . "1\n", 99),
        '10,000 cells can be pasted at once',
    ],
    [str_repeat('x', 1_000_001), '10,000 cells can be pasted at once'],
]);

it('is repeated over what is selected, a whole number of times', function () {
    $row = PastedBlock::read("1\t2");
    expect(cellsOf($row->over(2, 4)))
        ->toBe([['1', '2', '1', '2'], ['1', '2', '1', '2']])
        ->and(cellsOf($row->over(1, 2)))
        ->toBe([['1', '2']])
        ->and(cellsOf(PastedBlock::read('7')->over(2, 2)))
        ->toBe([['7', '7'], ['7', '7']]);
    expect(fn() => $row->over(2, 3))
        ->toThrow(UnreadableBlock::class, 'The block has 1 row and 2 columns, selected are 2 rows and 3 columns')
        ->and(fn() => PastedBlock::read("1\n2\n3")->over(2, 1))
        ->toThrow(UnreadableBlock::class, 'Select as many');
});

it('gives back any cells that were written as a spreadsheet writes them', function () {
    $random = Samples::random(61);
    $texts = ['', '1', '49,50', "a\tb", 'say "so"', "two\nlines", 'Moss', '"', '""'];
    for ($time = 0; $time < 300; $time++) {
        $width = $random->getInt(1, 4);
        $rows = array_map(
            fn(): array => array_map(fn(): string => $texts[$random->getInt(0, count($texts) - 1)], range(1, $width)),
            range(1, $random->getInt(1, 4)),
        );
        $quoted = fn(string $cell): string => preg_match('/["\t\n]/', $cell) === 1
            ? '"' . str_replace('"', '""', $cell) . '"'
            : $cell;
        $written = implode(
            '',
            array_map(fn(array $row): string => implode("\t", array_map($quoted, $row)) . "\n", $rows),
        );
        expect(cellsOf(PastedBlock::read($written)))->toBe($rows);
    }
});
