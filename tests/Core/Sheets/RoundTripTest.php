<?php

declare(strict_types=1);

use Core\Gallery\Entry;
use Core\Gallery\Roles\Role;
use Core\Matrix\Matrix;
use Core\Pricing\Currency;
use Core\Product\Difference\Difference;
use Core\Product\Difference\DifferenceWording;
use Core\Product\Product;
use Core\Product\ProductDetails;
use Core\Product\ProductState;
use Core\Reach\Clause;
use Core\Reach\Reach;
use Core\Sheets\Columns\Field;
use Core\Sheets\FollowSheet;
use Core\Sheets\Reading\EmptyCells;
use Core\Sheets\Reading\GivenProduct;
use Core\Sheets\Reading\GivenRow;
use Core\Sheets\Reading\SheetTerms;
use Random\Randomizer;
use Tests\Core\Sheets\WrittenSheet;
use Tests\Support\Seeds;

/** @return list<array<string, mixed>> what each SKU answers, by the labels of its cell */
function skuAnswers(Product $product): array
{
    $answers = [];
    foreach ($product->made as $sku) {
        $gallery = $product->galleries()->of($sku->cell);
        $choice = $product->matrix->choice($sku->cell);
        ksort($choice);
        $roles = [];
        foreach ([Role::Lead, Role::Card, Role::Hover, Role::Share, Role::Guide] as $role) {
            $roles[$role->value] = $gallery->role($role)->placement()?->file;
        }
        $answers[json_encode($choice)] = [
            'code' => $sku->code,
            'price' => $product->price($sku)?->shown(),
            'stock' => $product->units($sku),
            'weight' => $sku->weightG,
            'texts' => $sku->texts,
            'gallery' => array_map(fn(Entry $entry): string => $entry->placement->file, $gallery->entries),
            'alt texts' => array_map(fn(Entry $entry): string => $entry->placement->altText, $gallery->entries),
            'views' => array_map(fn(Entry $entry): string => $entry->placement->view->key ?? '', $gallery->entries),
            'roles' => $roles,
        ];
    }
    ksort($answers);

    return $answers;
}

/** The same rows with another text in one cell (another row’s, a number, a word, none), a column less, a row twice. */
function touched(GivenProduct $given, Randomizer $random): GivenProduct
{
    $rows = $given->rows;
    $field = $given->fields[$random->getInt(0, count($given->fields) - 1)];
    if ($random->getInt(0, 5) === 0) {
        $fields = array_values(array_filter($given->fields, fn(Field $one): bool => $one !== $field));
        $without = fn(GivenRow $row): GivenRow => new GivenRow(
            $row->number,
            array_diff_key($row->cells, [$field->key() => '']),
        );

        return new GivenProduct($fields, array_map($without, $rows));
    }
    $at = $random->getInt(0, count($rows) - 1);
    if ($random->getInt(0, 7) === 0) {
        return new GivenProduct($given->fields, [...$rows, new GivenRow(count($rows) + 2, $rows[$at]->cells)]);
    }
    $other = $rows[$random->getInt(0, count($rows) - 1)]->text($field);
    $text = [$other, $other, '', '7', '19.90', 'none', 'Fog'][$random->getInt(0, 6)];
    $cells = array_filter([$field->key() => $text] + $rows[$at]->cells, fn(string $cell): bool => $cell !== '');
    $rows[$at] = new GivenRow($rows[$at]->number, $cells);

    return new GivenProduct($given->fields, $rows);
}

/**
 * Whether several pictures with one job reach a SKU: which is the narrowest depends on how reaches are said, and a sheet
 * says only where pictures show.
 */
function hasRivals(Product $product): bool
{
    foreach ($product->made as $sku) {
        foreach (Role::cases() as $role) {
            if ($product->galleries()->of($sku->cell)->role($role)->rivals !== []) {
                return true;
            }
        }
    }

    return false;
}

it('changes nothing where it is brought back to where it was written', function (): void {
    foreach (Seeds::upTo(150) as $seed) {
        [$random, $product, $library] = WrittenSheet::drawn($seed) ?? [null, null, null];
        if ($product === null) {
            continue;
        }
        $follow = new FollowSheet(
            WrittenSheet::of($product),
            new SheetTerms(WrittenSheet::shelf($product->state), $library->views, isOurs: true),
            'Sheet',
        );
        $read = $follow->read($product, WrittenSheet::catalog($library));
        $difference = Difference::between($product->state, $read->wanted);
        $said = array_map(fn($remark): string => $remark->words, (new DifferenceWording())->remarks($difference));
        expect($read->problems)->toBe([], "seed {$seed}");
        expect($said)->toBe([], "seed {$seed}");
        expect($difference->isNone())->toBeTrue("seed {$seed}");
    }
});

it('changes nothing where a part of it is brought back', function (): void {
    $rows = 0;
    foreach (Seeds::upTo(150) as $seed) {
        [$random, $product, $library] = WrittenSheet::drawn($seed) ?? [null, null, null];
        if ($product === null) {
            continue;
        }
        $cells = array_filter($product->matrix->combinations(), fn(): bool => $random->getInt(0, 2) === 0);
        $part = WrittenSheet::of($product, Reach::of(...array_map(Clause::at(...), array_values($cells))));
        $rows += count($part->rows);
        if ($part->rows === []) {
            continue;
        }
        $terms = new SheetTerms(WrittenSheet::shelf($product->state), $library->views, isOurs: true);
        $read = (new FollowSheet($part, $terms, 'Sheet'))->read($product, WrittenSheet::catalog($library));
        $difference = Difference::between($product->state, $read->wanted);
        $said = array_map(fn($remark): string => $remark->words, (new DifferenceWording())->remarks($difference));
        expect($read->problems)->toBe([], "seed {$seed}");
        expect($said)->toBe([], "seed {$seed}");
    }
    expect($rows)->toBeGreaterThan(20);
});

it('makes a product that answers the same where there is none', function (): void {
    $tried = 0;
    foreach (Seeds::upTo(150) as $seed) {
        [, $product, $library] = WrittenSheet::drawn($seed, isPlain: true) ?? [null, null, null];
        if ($product === null || hasRivals($product)) {
            continue;
        }
        $plain = $product->state;
        $tried++;
        $empty = new Product(
            new ProductState(new ProductDetails('', $plain->details->code, Currency::of('EUR')), Matrix::of([])),
        );
        $follow = new FollowSheet(
            WrittenSheet::of($product),
            new SheetTerms(WrittenSheet::shelf($plain), $library->views, isOurs: true),
            'Sheet',
        );
        $catalog = WrittenSheet::catalog($library);
        $read = $follow->read($empty, $catalog);
        expect($read->problems)->toBe([], "seed {$seed}");
        $made = new Product($follow->on($empty, $catalog)->state);
        expect(skuAnswers($made))->toBe(skuAnswers($product), "seed {$seed}");
    }
    expect($tried)->toBeGreaterThan(3);
});

it(
    'passes over rows only where reading them changes nothing, whatever stands in one of their cells',
    function (): void {
        $passed = ['as written' => 0, 'touched' => 0];
        $changed = 0;
        foreach (Seeds::upTo(150) as $seed) {
            [$random, $product, $library] = WrittenSheet::drawn($seed) ?? [null, null, null];
            if ($product === null) {
                continue;
            }
            $catalog = WrittenSheet::catalog($library);
            $written = WrittenSheet::of($product);
            foreach ([EmptyCells::Keep, EmptyCells::Clear] as $empty) {
                $terms = new SheetTerms(WrittenSheet::shelf($product->state), $library->views, $empty, isOurs: true);
                $passed['as written'] += (int) (new FollowSheet($written, $terms, 'Sheet'))->changesNothing($product);
                for ($try = 0; $try < 8; $try++) {
                    $follow = new FollowSheet(touched($written, $random), $terms, 'Sheet');
                    $isPassed = $follow->changesNothing($product);
                    $read = $follow->read($product, $catalog);
                    $isSame = $read->problems === [] && Difference::between($product->state, $read->wanted)->isNone();
                    $passed['touched'] += (int) $isPassed;
                    $changed += (int) !$isSame;
                    expect($isPassed && !$isSame)->toBeFalse("seed {$seed}, try {$try}, {$empty->value}");
                }
            }
        }
        expect($passed['as written'])->toBeGreaterThan(10);
        expect($passed['touched'])->toBeGreaterThan(10);
        expect($changed)->toBeGreaterThan(10);
    },
);
