<?php

declare(strict_types=1);

use App\Models\HistoryEntry;
use Core\Changes\Matrix\OfferCells;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Tests\Support\Shop;

/*
 * A block of a spreadsheet over the cells of the matrix: all of it, or nothing with the cell that is in the way.
 */

/** @param  list<list<array<string, string>>>  $places  where each cell lies, row by row */
function grid(Shop $shop, array $places): string
{
    return implode('|', array_map(fn(array $row): string => implode(';', array_map($shop->token(...), $row)), $places));
}

/** @return list<list<array<string, string>>> colors down, sizes across */
function rectangle(array $colors, array $sizes): array
{
    return array_map(
        fn(string $color): array => array_map(fn(string $size): array => ['Color' => $color, 'Size' => $size], $sizes),
        $colors,
    );
}

function pasted(Shop $shop, string $lens, string $block, array $places, bool $first = false): TestResponse
{
    return test()
        ->actingAs($shop->user)
        ->post(
            '/products/SMOCK/skus/block',
            [
                'lens' => $lens,
                'block' => $block,
                'grid' => grid($shop, $places),
                'first' => $first ? 1 : 0,
                'selected' => '*',
                'version' => $shop->version(),
            ],
            ['HX-Request' => 'true'],
        );
}

/** @return list<mixed> of Moss and Clay, S and M, as stored */
function fourOf(Shop $shop, string $column): array
{
    return array_map(
        fn(array $place): mixed => DB::table('skus')->where('id', $shop->sku($place)->id)->value($column),
        array_merge(...rectangle(['Moss', 'Clay'], ['S', 'M'])),
    );
}

it('writes prices of the right size in one change, with one undo', function (): void {
    $shop = Shop::stocked();
    $before = $shop->everything();
    $entries = HistoryEntry::query()->count();
    pasted($shop, 'prices', "49\t49,50\r\n1'049.00\t52\r\n", rectangle(['Moss', 'Clay'], ['S', 'M']))->assertOk();
    expect(fourOf($shop, 'price'))
        ->toBe(['49.0000', '49.5000', '1049.0000', '52.0000'])
        ->and(HistoryEntry::query()->count())
        ->toBe($entries + 1)
        ->and(HistoryEntry::query()->latest('id')->value('words'))
        ->toBe('Pasted 4 prices onto Moss and Clay, S and M only');
    $shop->undo();
    expect($shop->everything())->toBe($before);
});

it('repeats a row over rows, and begins at a cell that was pointed at', function (): void {
    $shop = Shop::stocked();
    pasted($shop, 'stock', "3\t7", rectangle(['Moss', 'Clay'], ['S', 'M']))->assertOk();
    expect(fourOf($shop, 'stock'))->toEqual([3, 7, 3, 7]);
    pasted($shop, 'stock', "1\n2\n", rectangle(['Moss', 'Clay', 'Slate'], ['S', 'M', 'L', 'XL']), true)->assertOk();
    expect(fourOf($shop, 'stock'))->toEqual([1, 7, 2, 7]);
});

it('refuses the whole block with the reason and the cell', function (string $lens, string $block, string $why): void {
    $shop = Shop::stocked();
    $before = $shop->everything();
    pasted($shop, $lens, $block, rectangle(['Moss', 'Clay'], ['S', 'M']))->assertStatus(422)->assertSee($why);
    expect($shop->everything())->toBe($before);
})->with([
    'wrong size' => ['prices', "1\t2\t3\n", 'The block has 1 row and 3 columns, selected are 2 rows and 2 columns'],
    'text in a price' => ['prices', "1\tabout 5\n3\t4\n", 'Row 1, column 2 (Moss, M): “about 5” is not a number'],
    'read in two ways' => [
        'prices',
        "1\t2\n1.234\t4\n",
        'Row 2, column 1 (Clay, S): “1.234” can be read as 1.234 or as 1234',
    ],
    'too many digits' => ['prices', "1\t2\n3\t4.005\n", 'Row 2, column 2 (Clay, M): '],
    'negative stock' => ['stock', "1\t2\n3\t-4\n", 'Row 2, column 2 (Clay, M): “-4” is not a number of units'],
    'half a unit' => ['stock', "1\t2.5\n3\t4\n", 'Row 1, column 2 (Moss, M): “2.5” is not a number of units'],
    'ragged' => ['stock', "1\t2\n3\n", 'Row 2 of the block has 1 cell, the first has 2'],
    'no code' => ['codes', "A-1\tA-2\n\tA-4\n", 'Row 2, column 1 (Clay, S): “” cannot be a code'],
    'a code twice' => [
        'codes',
        "A-1\tA-2\na-1\tA-4\n",
        'Row 2, column 1 (Clay, S): a-1 is the code of another cell of the block',
    ],
    'nothing' => ['prices', '', 'Nothing was copied'],
]);

it('writes codes, leaves those that stay, and takes none that another has', function (): void {
    $shop = Shop::stocked();
    $other = $shop->sku(['Color' => 'Slate', 'Size' => 'XL'])->code;
    pasted($shop, 'codes', "A-1\t{$other}\nA-3\tA-4\n", rectangle(['Moss', 'Clay'], ['S', 'M']))
        ->assertStatus(422)
        ->assertSee("Row 1, column 2 (Moss, M): {$other} is the code of a SKU of ");
    [$first] = fourOf($shop, 'code');
    pasted($shop, 'codes', "{$first}\tA-2\nA-3\tA-4\n", rectangle(['Moss', 'Clay'], ['S', 'M']))->assertOk();
    expect(fourOf($shop, 'code'))->toBe([$first, 'A-2', 'A-3', 'A-4']);
});

it('exchanges codes within a block, and undoes it (it could GTINs only)', function (): void {
    $shop = Shop::stocked();
    [$one, $two, $three, $four] = $before = fourOf($shop, 'code');
    pasted($shop, 'codes', "{$two}\t{$one}\n{$four}\t{$three}\n", rectangle(['Moss', 'Clay'], ['S', 'M']))->assertOk();
    expect(fourOf($shop, 'code'))->toBe([$two, $one, $four, $three]);
    $shop->undo();
    expect(fourOf($shop, 'code'))->toBe($before);
});

it(
    'takes prices as a sheet of a file has them: with a heading, signs, a byte-order mark, an empty row behind',
    function (): void {
        $shop = Shop::stocked();
        pasted(
            $shop,
            'prices',
            "\u{FEFF}S;M\r\n€51.00;52,00 €\r\n53;EUR 54.50\r\n\r\n",
            rectangle(['Moss', 'Clay'], ['S', 'M']),
        )->assertOk();
        expect(fourOf($shop, 'price'))->toBe(['51.0000', '52.0000', '53.0000', '54.5000']);
        pasted($shop, 'prices', "51\t\0\n53\t54\n", rectangle(['Moss', 'Clay'], ['S', 'M']))
            ->assertStatus(422)
            ->assertSee('is no text');
        expect(fourOf($shop, 'price'))->toBe(['51.0000', '52.0000', '53.0000', '54.5000']);
    },
);

it('passes over cells without a SKU where the block is empty, and refuses a figure for one', function (): void {
    $shop = Shop::stocked();
    app(App\Actions\Matrix\LeaveOutCells::class)->run(
        $shop->change(),
        OfferCells::leaveOut($shop->part(['Color' => 'Clay', 'Size' => 'M'])),
    );
    pasted($shop, 'stock', "1\t2\n3\t4\n", rectangle(['Moss', 'Clay'], ['S', 'M']))
        ->assertStatus(422)
        ->assertSee('Row 2, column 2 (Clay, M): no SKU is on offer there');
    pasted($shop, 'stock', "1\t2\n3\t\n", rectangle(['Moss', 'Clay'], ['S', 'M']))->assertOk();
    expect($shop->sku(['Color' => 'Clay', 'Size' => 'S'])->stock)->toBe(3);
});

it('asks for cells, for a lens of numbers, and for the right to edit', function (): void {
    $shop = Shop::stocked();
    pasted($shop, 'prices', '5', [])->assertStatus(422)->assertSee('Select a rectangle of cells');
    pasted($shop, 'photos', '5', rectangle(['Moss'], ['S']))
        ->assertStatus(422)
        ->assertSee('Choose first what the cells show');
    $this->actingAs(Shop::person(App\Models\Right::View))
        ->post('/products/SMOCK/skus/block', [
            'lens' => 'prices',
            'block' => '5',
            'grid' => '',
            'version' => $shop->version(),
        ])
        ->assertForbidden();
});

it('keeps prices of 600 SKUs in one request', function (): void {
    $shop = Shop::open();
    $shop->axes([
        'Color' => implode(', ', array_map(fn(int $at): string => "Color {$at}", range(1, 30))),
        'Size' => implode(', ', range(1, 20)),
    ]);
    $block = implode(
        "\n",
        array_map(
            fn(int $row): string => implode(
                "\t",
                array_map(fn(int $column): string => sprintf('%d.%02d', $row, $column), range(1, 20)),
            ),
            range(1, 30),
        ),
    );
    pasted(
        $shop,
        'prices',
        $block,
        rectangle(array_map(fn(int $at): string => "Color {$at}", range(1, 30)), array_map(strval(...), range(1, 20))),
    )->assertOk();
    expect(DB::table('skus')->whereNotNull('price')->count())
        ->toBe(600)
        ->and($shop->sku(['Color' => 'Color 7', 'Size' => '12'])->price?->shown())
        ->toBe('7.12')
        ->and(HistoryEntry::query()->latest('id')->value('words'))
        ->toBe('Pasted 600 prices onto the whole product');
});
