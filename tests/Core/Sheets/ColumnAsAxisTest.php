<?php

declare(strict_types=1);

use Core\Changes\Matrix\DraftAxis;
use Core\Changes\Matrix\DraftValue;
use Core\Changes\Matrix\SetUpAxes;
use Core\CoreException;
use Core\Gallery\Entry;
use Core\Matrix\Matrix;
use Core\Product\Product;
use Core\Sheets\FollowSheet;
use Core\Sheets\Reading\SheetTerms;
use Core\Sheets\Typing\AxisColumn;
use Core\Sheets\Typing\AxisWish;
use Core\Sheets\Typing\ColumnAsAxis;
use Tests\Core\Sheets\WrittenSheet;
use Tests\Support\Seeds;

/** What each SKU on offer answers, by its id: all but where it lies. */
function answersOf(Product $product): array
{
    $answers = [];
    foreach ($product->made as $sku) {
        $answers[$sku->id] = [
            $sku->code,
            $product->price($sku)?->shown(),
            $product->units($sku),
            $sku->gtin,
            $sku->weightG,
            array_map(
                fn(Entry $entry): string => $entry->placement->file,
                $product->galleries()->of($sku->cell)->entries,
            ),
        ];
    }
    ksort($answers);

    return $answers;
}

/** A drawn product that has room for one more axis. */
function productWithRoom(int $seed): ?array
{
    [$random, $product, $library] = WrittenSheet::drawn($seed, isPlain: true) ?? [null, null, null];
    if ($product === null || $product->made === [] || count($product->matrix->axes) === Matrix::MOST_AXES) {
        return null;
    }

    return [
        $random,
        $product,
        new SheetTerms(WrittenSheet::shelf($product->state), $library->views, isOurs: true),
        WrittenSheet::catalog($library),
    ];
}

it('makes an axis of a column: each SKU goes to its own value and keeps all that is its own', function (): void {
    $tried = 0;
    foreach (Seeds::upTo(150) as $seed) {
        [$random, $product, $terms, $catalog] = productWithRoom($seed) ?? [null, null, null, null];
        if ($product === null) {
            continue;
        }
        $tried++;
        $texts = [];
        foreach ($product->made as $sku) {
            $texts[$sku->id] = ['felt', 'tweed', 'corduroy'][$random->getInt(0, 2)];
        }
        $given = ColumnAsAxis::of($product, 'Cloth', $texts);
        $changed = (new FollowSheet($given, $terms, 'Column'))->on($product, $catalog);
        $after = new Product($changed->state, $product->library, $product->version + 1);

        expect(answersOf($after))->toBe(answersOf($product), "seed {$seed}");
        foreach ($after->made as $sku) {
            expect($after->matrix->choice($sku->cell)['Cloth'])->toBe($texts[$sku->id], "seed {$seed}");
        }
        $offered = count($after->matrix->offered());
        expect($offered)->toBe(count($after->made), "seed {$seed}: every other combination is left out");
        expect(count($after->state->skus))->toBe(count($product->state->skus), "seed {$seed}: nothing is made");
    }
    expect($tried)->toBeGreaterThan(20);
});

it('leaves the same SKUs when the axis goes again, and brings each back to its value', function (): void {
    foreach (Seeds::upTo(60) as $seed) {
        [$random, $product, $terms, $catalog] = productWithRoom($seed) ?? [null, null, null, null];
        if ($product === null || $product->matrix->axes === []) {
            continue;
        }
        $texts = [];
        $words = ['felt', 'tweed'];
        foreach ($product->made as $sku) {
            $texts[$sku->id] = $words[$random->getInt(0, 1)];
        }
        $given = ColumnAsAxis::of($product, 'Cloth', $texts);
        $state = (new FollowSheet($given, $terms, 'Column'))->on($product, $catalog)->state;
        $with = new Product($state, $product->library, $product->version + 1);
        $drafts = array_map(
            fn($axis): DraftAxis => new DraftAxis(
                $axis->name,
                '',
                true,
                axisId: $axis->id,
                values: array_map(DraftValue::of(...), $axis->values),
            ),
            $product->matrix->axes,
        );
        $without = new Product(
            (new SetUpAxes($drafts))->on($with, $catalog)->state,
            $product->library,
            $product->version + 2,
        );
        expect(answersOf($without))->toBe(answersOf($product), "seed {$seed}");
        [$column] = array_values(
            array_filter(AxisColumn::among($without, []), fn(AxisColumn $one): bool => $one->name === 'Cloth'),
        );
        expect($column->isAsleep)->toBeTrue();
    }
});

it('says what stands in the way', function (callable $wish, string $words): void {
    [, $product] = array_values(
        array_filter(array_map(productWithRoom(...), range(1, 20)), fn($one) => $one && count($one[1]->made) > 2),
    )[0];
    expect(fn() => $wish($product)->given($product, []))->toThrow(CoreException::class, $words);
})->with([
    'too few lines' => [fn() => AxisWish::typed('Cloth', ['felt'], false), 'These are 1 line, and the product has'],
    'a SKU without a value' => [
        fn(Product $product) => AxisWish::typed(
            'Cloth',
            [...array_fill(0, count($product->made) - 1, 'felt'), ' '],
            false,
        ),
        'Nothing is said of the Cloth of',
    ],
    'no name' => [
        fn(Product $product) => AxisWish::typed('', array_fill(0, count($product->made), 'felt'), false),
        'Say what the axis is called.',
    ],
    'an axis that it has' => [
        fn(Product $product) => AxisWish::typed(
            mb_strtoupper($product->matrix->axes[0]->name),
            array_fill(0, count($product->made), 'felt'),
            false,
        ),
        'makes SKUs of this product already',
    ],
    'a column that is gone' => [fn() => AxisWish::ofColumn('', 'origin', false), 'is not there any more'],
]);
