<?php

declare(strict_types=1);

use Core\CoreException;
use Core\Product\Difference\Difference;
use Core\Product\Product;
use Core\Product\Sku;
use Core\Sheets\Columns\Field;
use Core\Sheets\Columns\FieldKind;
use Core\Sheets\FollowSheet;
use Core\Sheets\Reading\EmptyCells;
use Core\Sheets\Reading\SheetTerms;
use Core\Sheets\Typing\CellEdit;
use Core\Sheets\Typing\EditedRows;
use Core\Sheets\Typing\NewRows;
use Core\Sheets\Typing\TypeInRows;
use Core\Sheets\Writing\CellWriter;
use Core\Sheets\Writing\SheetLine;
use Core\Sheets\Writing\SheetLines;
use Tests\Core\Sheets\WrittenSheet;
use Tests\Support\Seeds;

/** A drawn product that can be in a catalog, with the terms on which its rows are typed into. */
function typedProduct(int $seed): ?array
{
    [$random, $product, $library] = WrittenSheet::drawn($seed, isPlain: true) ?? [null, null, null];

    return $product === null
        ? null
        : [
            $random,
            $product,
            new SheetTerms(WrittenSheet::shelf($product->state), $library->views, EmptyCells::Clear, isOurs: true),
            WrittenSheet::catalog($library),
        ];
}

/** @return array<int, SheetLine> by SKU id */
function typedLines(Product $product): array
{
    $lines = [];
    foreach (SheetLines::of($product) as $line) {
        if ($line->sku !== null) {
            $lines[$line->sku->id] = $line;
        }
    }

    return $lines;
}

it('changes nothing where a cell is typed as it is, whichever it is', function (): void {
    foreach (Seeds::upTo(120) as $seed) {
        [$random, $product, $terms, $catalog] = typedProduct($seed) ?? [null, null, null, null];
        if ($product === null) {
            continue;
        }
        $writer = new CellWriter($product);
        $lines = typedLines($product);
        $fields = array_values(array_filter(WrittenSheet::of($product)->fields, EditedRows::isTyped(...)));
        for ($try = 0; $try < 6; $try++) {
            $edits = [];
            foreach (
                array_slice($random->shuffleArray(array_keys($lines)), 0, $random->getInt(1, 3))
                as $at => $skuId
            ) {
                foreach (array_slice($random->shuffleArray($fields), 0, $random->getInt(1, 4)) as $field) {
                    // What is said of the whole product stands in its first row.
                    $line = $field->isOfProduct() ? array_values($lines)[0] : $lines[$skuId];
                    $text = $writer->text($field, $line);
                    $edits[] = new CellEdit($at + 1, $line->sku->id, $field, $text, $text);
                }
            }
            $headers = implode(
                ', ',
                array_map(fn(CellEdit $edit): string => "{$edit->skuId} {$edit->field->header()}", $edits),
            );
            $changed = (new TypeInRows($edits, $terms))->on($product, $catalog);
            expect(Difference::between($product->state, $changed->state)->isNone())->toBeTrue(
                "seed {$seed}: {$headers}",
            );
        }
    }
});

it('changes the cell that is typed, and no other number of any SKU', function (): void {
    foreach (Seeds::upTo(120) as $seed) {
        [$random, $product, $terms, $catalog] = typedProduct($seed) ?? [null, null, null, null];
        if ($product === null) {
            continue;
        }
        $made = array_values($product->made);
        foreach (
            [
                [FieldKind::Price, '77.70', fn(Sku $sku): string => $sku->price?->shown() ?? ''],
                [FieldKind::Stock, '41', fn(Sku $sku): string => (string) $sku->stock],
                [FieldKind::Weight, '345', fn(Sku $sku): string => (string) $sku->weightG],
                [FieldKind::Sku, 'TYPED-1', fn(Sku $sku): string => $sku->code],
                [FieldKind::Price, '', fn(Sku $sku): string => $sku->price?->shown() ?? ''],
            ]
            as [$kind, $text, $read]
        ) {
            $sku = $made[$random->getInt(0, count($made) - 1)];
            $was = (new CellWriter($product))->text(Field::of($kind), typedLines($product)[$sku->id]);
            $edit = new CellEdit(1, $sku->id, Field::of($kind), $was, $text);
            $after = (new TypeInRows([$edit], $terms))->on($product, $catalog)->state;
            foreach ($after->skus as $at => $own) {
                $before = $product->state->skus[$at];
                expect($read($own))->toBe(
                    $own->id === $sku->id ? $text : $read($before),
                    "seed {$seed}, {$kind->value}",
                );
                expect([$own->id, $own->cell->key])->toBe([$before->id, $before->cell->key]);
            }
            expect($after->details->basePrice?->shown())->toBe($product->state->details->basePrice?->shown());
        }
    }
});

it('says in the history what was typed, and where', function (): void {
    [, $product, $terms, $catalog] = typedProduct(3) ?? typedProduct(4);
    $sku = array_values($product->made)[0];
    $field = Field::of(FieldKind::Weight);
    $was = (new CellWriter($product))->text($field, typedLines($product)[$sku->id]);
    $changed = (new TypeInRows([new CellEdit(1, $sku->id, $field, $was, '345')], $terms))->on($product, $catalog);

    expect($changed->words)->toBe(
        "Weight g of {$product->placeOf($sku)} set to 345 (was " . ($was === '' ? 'nothing' : $was) . ')',
    );
});

it('refuses what cannot be typed, with its row, and what somebody else has changed meanwhile', function (
    callable $edit,
    string $words,
): void {
    [, $product, $terms, $catalog] = typedProduct(3) ?? typedProduct(4);
    $sku = array_values($product->made)[0];

    expect(fn() => (new TypeInRows([$edit($sku)], $terms))->on($product, $catalog))->toThrow(
        CoreException::class,
        $words,
    );
})->with([
    'a row that is gone' => [
        fn(Sku $sku): CellEdit => new CellEdit(7, 999_999, Field::of(FieldKind::Weight), '', '1'),
        'Row 7 is not there any more',
    ],
    'the product’s code' => [
        fn(Sku $sku): CellEdit => new CellEdit(7, $sku->id, Field::of(FieldKind::Product), 'RANDOM', 'OTHER'),
        'product is not typed here',
    ],
    'a price that is none' => [
        fn(Sku $sku): CellEdit => new CellEdit(
            7,
            $sku->id,
            Field::of(FieldKind::Price),
            $sku->price?->shown() ?? '',
            'dear',
        ),
        'Row 7, price',
    ],
    'what is otherwise by now' => [
        fn(Sku $sku): CellEdit => new CellEdit(7, $sku->id, Field::of(FieldKind::Sku), 'OLD-CODE', 'NEW-CODE'),
        'as somebody else changed it',
    ],
]);

it('proposes the cells that a row with a new value needs, and just these', function (): void {
    [, $product, $terms, $catalog] = typedProduct(3) ?? typedProduct(4);
    $sku = array_values($product->made)[0];
    $row = ['sku' => 'ADDED-1', 'weight g' => '120'];
    foreach ($product->matrix->axes as $at => $axis) {
        $row["axis {$axis->name}"] =
            $at === 0 ? 'Quite another one' : $product->matrix->choice($sku->cell)[$axis->name];
    }
    $follow = new FollowSheet(NewRows::of($product, [$row]), $terms, 'Rows');
    $read = $follow->read($product, $catalog);
    expect($read->problems)
        ->toBe([])
        ->and($read->named[0]->newValues())
        ->toBe(['Quite another one']);
    $after = $follow->become($product, $catalog, $read)->state;
    $new = array_values(array_filter($after->skus, fn(Sku $one): bool => $one->id === 0));
    expect(count($new))
        ->toBe(1)
        ->and($new[0]->code)
        ->toBe('ADDED-1')
        ->and($new[0]->weightG)
        ->toBe(120)
        ->and(count($after->skus))
        ->toBe(count($product->state->skus) + 1);
});
