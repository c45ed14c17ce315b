<?php

declare(strict_types=1);

use Core\Changes\BecomeState;
use Core\Changes\Codes\CodeProduct;
use Core\Changes\Codes\MakeCodes;
use Core\Changes\Codes\NamedPattern;
use Core\Changes\GrowsLibrary;
use Core\Changes\Matrix\DivideValue;
use Core\Changes\Matrix\DraftAxis;
use Core\Changes\Matrix\JoinValues;
use Core\Changes\Matrix\MatrixChoices;
use Core\Changes\Matrix\OfferCells;
use Core\Changes\Matrix\ReadAxis;
use Core\Changes\Matrix\SetUpAxes;
use Core\Changes\Matrix\SharedAxis;
use Core\Changes\Matrix\SharedValue;
use Core\Changes\Pictures\ArrivingPicture;
use Core\Changes\Pictures\LinkArrived;
use Core\Changes\Pictures\TakeInPictures;
use Core\Changes\ProductChange;
use Core\Changes\SetUpLike;
use Core\Changes\Values\SetValueLabel;
use Core\Changes\Values\SetValueSwatches;
use Core\Codes\CodeNotFree;
use Core\Codes\CodePart;
use Core\Codes\CodePattern;
use Core\Codes\LetterCase;
use Core\Color\Swatches\Swatch;
use Core\Gallery\Placement;
use Core\Gallery\View;
use Core\Matrix\Axis;
use Core\Matrix\Matrix;
use Core\Matrix\MatrixTooLarge;
use Core\Pricing\Currency;
use Core\Pricing\Money;
use Core\Product\Difference\Difference;
use Core\Product\Difference\DifferenceWording;
use Core\Product\KnownNames;
use Core\Product\LibraryPart;
use Core\Product\Product;
use Core\Product\ProductDetails;
use Core\Product\ProductState;
use Core\Product\Sku;
use Core\Reach\Reach;
use Core\Reach\Selection;
use Core\Refusal;
use Core\RefusalKind;
use Tests\Core\Changes\NoCatalog;
use Tests\Core\Color\Samples;

/* Changes of axes and values, of codes, of pictures that arrive, and of a whole product: without a database. */

/** A library with the axes of the smock: of its colors also Slate, which is called Slade as well. */
function smockLibrary(array $codes = [], array $gtins = []): NoCatalog
{
    $value = fn(int $id, string $name, array $words = []): SharedValue => new SharedValue(
        $id,
        $name,
        strtoupper($name),
        $words,
        null,
    );
    $axes = [];
    foreach (Samples::smock()->axes as $axis) {
        $values = [];
        foreach ($axis->values as $one) {
            $values[$one->id] = $value($one->id, $one->label, $one->label === 'Slate' ? ['Slade'] : []);
        }
        $axes[] = new SharedAxis(
            $axis->id,
            $axis->name,
            mb_strtolower($axis->name),
            $axis->kind,
            $axis->changesPicture,
            $axis->display,
            $values,
            [],
        );
    }
    $short = CodePattern::of([CodePart::axis(1), CodePart::axis(2)], '-', LetterCase::Lower, '40');

    return new NoCatalog($codes, $gtins, [], $axes, [7 => new NamedPattern(7, 'Short', $short)]);
}

function shapedSmock(?callable $else = null): Product
{
    $product = Samples::product($else);
    $names = new KnownNames([1 => 'Color', 2 => 'Size'], [11 => 'Moss', 12 => 'Clay', 21 => 'S', 22 => 'M']);

    return new Product($product->state, new LibraryPart(names: $names), version: 5);
}

/** @return array{string, list<string>, ProductState} words, each difference, and what the product becomes */
function shaped(ProductChange $change, ?callable $else = null, ?NoCatalog $catalog = null): array
{
    $product = shapedSmock($else);
    $changed = $change->on($product, $catalog ?? smockLibrary());
    $remarks = (new DifferenceWording())->remarks(Difference::between($product->state, $changed->state));

    return [$changed->words, array_map(fn($remark): string => $remark->words, $remarks), $changed->state];
}

it('says what a product becomes, and nothing else is different', function (
    ProductChange $change,
    string $words,
    array $differences,
    ?callable $else = null,
): void {
    [$said, $found] = shaped($change, $else);
    expect($said)->toBe($words)->and($found)->toBe($differences);
})->with([
    'a color more' => fn() => [
        new SetUpAxes([new DraftAxis('color', 'Moss, Clay, slade'), new DraftAxis('Size', 'S, M')]),
        'Added Color Slate: makes 2 (3 colors × 2 sizes = 6 SKUs)',
        ['Color has Slate more', 'SMOCK-SLATE-S new: Slate, S', 'SMOCK-SLATE-M new: Slate, M'],
    ],
    'an axis in the place of a fact' => fn() => [
        new SetUpAxes([
            new DraftAxis('Color', 'Moss, Clay'),
            new DraftAxis('Size', 'S, M'),
            new DraftAxis('Lining', 'cotton, wool', key: 'x'),
        ]),
        'Added Lining cotton, wool: makes 4, moves 4 (2 colors × 2 sizes × 2 linings = 8 SKUs)',
        [
            'Fact Lining: cotton → none',
            'Lining is new, with cotton, wool',
            'SMOCK-1 from Moss, S to Moss, S, cotton',
            'SMOCK-2 from Moss, M to Moss, M, cotton',
            'SMOCK-3 from Clay, S to Clay, S, cotton',
            'SMOCK-4 from Clay, M to Clay, M, cotton',
            'SMOCK-MOSS-S-WOOL new: Moss, S, wool',
            'SMOCK-MOSS-M-WOOL new: Moss, M, wool',
            'SMOCK-CLAY-S-WOOL new: Clay, S, wool',
            'SMOCK-CLAY-M-WOOL new: Clay, M, wool',
        ],
    ],
    'an axis that stays as a fact' => fn() => [
        new SetUpAxes([new DraftAxis('Color', 'Moss, Clay')], new MatrixChoices(survivors: [2 => 22], asFacts: [2])),
        'Dropped Size: moves 2, retires 2 with 20 in stock (2 colors = 2 SKUs)',
        [
            'Fact Size: none → M',
            'Size is gone; it had S, M',
            'SMOCK-1 retired, from Moss, S to Moss',
            'SMOCK-2 from Moss, M to Moss',
            'SMOCK-3 retired, from Clay, S to Clay',
            'SMOCK-4 from Clay, M to Clay',
        ],
    ],
    'two values in one' => fn() => [
        new JoinValues(12, 11, new MatrixChoices(stockAddsUp: true)),
        'Merged Color Clay into Moss: retires 2 with 20 in stock, adds 20 units of stock to the SKUs that stay',
        [
            'Color has no Clay any more',
            '2 SKUs stock 10 → 20: SMOCK-1, SMOCK-2',
            '2 SKUs retired, stock 10 → 0: SMOCK-3, SMOCK-4',
            'clay.jpg: linked to Clay → Moss',
        ],
    ],
    'a value in two' => fn() => [
        new DivideValue(22, 'L, XL', picturesForAll: true),
        'Split Size M into L, XL: makes 2, moves 2',
        [
            'Size has L, XL more',
            'Size has no M any more',
            'SMOCK-2 from Moss, M to Moss, L',
            'SMOCK-4 from Clay, M to Clay, L',
            'SMOCK-MOSS-XL new: Moss, XL',
            'SMOCK-CLAY-XL new: Clay, XL',
        ],
    ],
    'a cell left out' => fn() => [
        OfferCells::leaveOut(Samples::at([1 => 11, 2 => 21])),
        'Left out Moss, S: retires 1 with 10 in stock',
        ['Left out: none → Moss, S', 'SMOCK-1 retired'],
    ],
    'a rule for cells' => fn() => [
        OfferCells::leaveOut([1 => [12], 2 => [21, 22]]),
        'Left out Clay, S and M only: retires 2 with 20 in stock, 1 picture returns to the tray',
        ['Left out: none → Clay', '2 SKUs retired: SMOCK-3, SMOCK-4'],
    ],
    'a cell offered again' => fn() => [
        OfferCells::again(Selection::whole()),
        'Offered whole product again: makes 1',
        ['Left out: Moss, S → none', 'SMOCK-MOSS-S new: Moss, S'],
        fn(ProductState $state): ProductState => new ProductState(
            $state->details,
            Matrix::of($state->matrix->axes, Reach::fromArrays([[1 => [11], 2 => [21]]])),
            array_slice($state->skus, 1),
            $state->pictures,
        ),
    ],
    'codes by a pattern' => fn() => [
        new MakeCodes(7),
        'Codes are made by the pattern Short: changes 3 codes, leaves 1 that was typed',
        [
            'Code pattern: none → Short',
            'moss-s code SMOCK-1 → moss-s',
            'moss-m code SMOCK-2 → moss-m',
            'clay-s code SMOCK-3 → clay-s',
        ],
        fn(ProductState $state): ProductState => $state->withSkus([$state->skus[3]->coded('ODD')]),
    ],
    'codes by the usual pattern, the typed ones too' => fn() => [
        new MakeCodes(null, typedToo: true),
        'Codes are made by the usual pattern: changes 4 codes',
        [
            'SMOCK-MOSS-S code SMOCK-1 → SMOCK-MOSS-S',
            'SMOCK-MOSS-M code SMOCK-2 → SMOCK-MOSS-M',
            'SMOCK-CLAY-S code SMOCK-3 → SMOCK-CLAY-S',
            'SMOCK-CLAY-M code ODD → SMOCK-CLAY-M',
        ],
        fn(ProductState $state): ProductState => $state->withSkus([$state->skus[3]->coded('ODD')]),
    ],
    'another code, its SKUs too' => fn() => [
        new CodeProduct(' GARB ', true),
        'Code of the product set to GARB (was SMOCK): changes 4 codes',
        [
            'Code: SMOCK → GARB',
            'GARB-MOSS-S code SMOCK-1 → GARB-MOSS-S',
            'GARB-MOSS-M code SMOCK-2 → GARB-MOSS-M',
            'GARB-CLAY-S code SMOCK-3 → GARB-CLAY-S',
            'GARB-CLAY-M code SMOCK-4 → GARB-CLAY-M',
        ],
    ],
    'another code for itself' => fn() => [
        new CodeProduct('GARB', false),
        'Code of the product set to GARB (was SMOCK); its SKUs keep theirs',
        ['Code: SMOCK → GARB'],
    ],
    'pictures into the tray' => fn() => [
        new TakeInPictures([
            new ArrivingPicture(105, 'MOSS.jpg', Reach::nothing()),
            new ArrivingPicture(101, 'again.jpg', Reach::nothing()),
        ]),
        'Put MOSS (2).jpg into the tray',
        ['MOSS (2).jpg: new, not linked'],
    ],
    'pictures onto a part' => fn() => [
        new TakeInPictures(
            [
                new ArrivingPicture(105, 'new.jpg', Reach::nothing(), View::usual('back')),
                new ArrivingPicture(101, 'again.jpg', Reach::nothing()),
            ],
            Samples::at([1 => 12]),
        ),
        'Took in 2 pictures, linked to Clay, all sizes',
        ['moss.jpg: linked to Moss → whole product', 'new.jpg: new, Clay'],
    ],
    'a picture where its name says' => fn() => [
        new TakeInPictures([new ArrivingPicture(105, 'new.jpg', Reach::fromArrays([[1 => [12]]]))]),
        'Took in new.jpg, linked to where their names say',
        ['new.jpg: new, Clay'],
    ],
    'an accepted picture, a better one, and one that came twice' => fn() => [
        new LinkArrived([
            new ArrivingPicture(105, 'better.jpg', Reach::nothing(), null, 2),
            new ArrivingPicture(106, 'new.jpg', Reach::fromArrays([[1 => [11]]])),
            new ArrivingPicture(106, 'new too.jpg', Reach::fromArrays([[1 => [12]]])),
            new ArrivingPicture(104, 'film.mp4', Reach::fromArrays([[2 => [21]]]), View::usual('worn')),
        ]),
        'Linked 3 pictures from the intake, replaced 1',
        [
            'better.jpg: another file in the place of clay.jpg',
            'tray.mp4: linked to none → S, view none → worn',
            'new.jpg: new, Moss and Clay',
        ],
    ],
    'a swatch of its own' => fn() => [
        new SetValueSwatches([11 => Swatch::read('#5f7049')]),
        'Swatch of Color Moss on this product is #5f7049',
        ['Swatch of its own for Color Moss: none → #5f7049'],
    ],
    'a swatch as the library has it' => fn() => [
        SetValueSwatches::asLibrary([11]),
        'Swatch of Color Moss on this product is the library’s again',
        ['Swatch of its own for Color Moss: #5f7049 → none'],
        fn(ProductState $state): ProductState => $state->withDetails(
            $state->details->with(['ownSwatches' => [11 => Swatch::read('#5f7049')]]),
        ),
    ],
    'swatches from pictures' => fn() => [
        new SetValueSwatches([11 => Swatch::read('#5f7049'), 12 => Swatch::read('#aa6644')], 'taken from pictures'),
        'On this product, swatches taken from pictures: Moss, Clay',
        ['Swatch of its own for Color Moss: none → #5f7049', 'Swatch of its own for Color Clay: none → #aa6644'],
    ],
    'another name for a value' => fn() => [
        new SetValueLabel(11, 'Fern'),
        'Called a value Fern',
        ['Color Moss is called Fern'],
    ],
    'a name for a value that sleeps' => fn() => [new SetValueLabel(13, 'Flint'), 'Called a value Flint', []],
]);

it('refuses with a kind, a field and words', function (
    ProductChange $change,
    RefusalKind $kind,
    ?string $field,
    string $words,
    array $codes = [],
    array $gtins = [],
): void {
    expect(function () use ($change, $codes, $gtins): void {
        shaped($change, null, smockLibrary($codes, $gtins));
    })->toThrow(function (Refusal $refusal) use ($kind, $field, $words): void {
        expect([$refusal->kind, $refusal->field])
            ->toBe([$kind, $field])
            ->and($refusal->getMessage())
            ->toContain($words);
    });
})->with([
    'an axis without a name' => fn() => [
        new SetUpAxes([new DraftAxis(' ', 'S, M')]),
        RefusalKind::Missing,
        'axes',
        'give the axis a name',
    ],
    'an axis twice' => fn() => [
        new SetUpAxes([new DraftAxis('Size', 'S'), new DraftAxis('SIZE', 'M')]),
        RefusalKind::Impossible,
        'axes',
        'Size stands twice',
    ],
    'an axis that is gone' => fn() => [
        new SetUpAxes([new DraftAxis('', 'S', axisId: 99)]),
        RefusalKind::Gone,
        'axes',
        'no longer in the library',
    ],
    'a value that is too long' => fn() => [
        new SetUpAxes([new DraftAxis('Size', str_repeat('long ', 20))]),
        RefusalKind::Unreadable,
        'axes',
        'Is a comma missing?',
    ],
    'a value into itself' => fn() => [new JoinValues(11, 11), RefusalKind::Missing, 'onto', 'Choose another value'],
    'a value into one of another axis' => fn() => [new JoinValues(11, 21), RefusalKind::Missing, 'onto', 'Color'],
    'a value that is gone' => fn() => [new JoinValues(19, 11), RefusalKind::Gone, null, 'no longer on the product'],
    'one part' => fn() => [new DivideValue(22, 'L'), RefusalKind::Missing, 'parts', 'at least two values'],
    'a part that is there' => fn() => [
        new DivideValue(22, 'L, S'),
        RefusalKind::Taken,
        'parts',
        'S is on this product',
    ],
    'the whole behind' => fn() => [new DivideValue(22, 'L, M'), RefusalKind::Impossible, 'parts', 'Put M first'],
    'no cells' => fn() => [OfferCells::leaveOut([]), RefusalKind::Missing, 'selected', 'Select the cells first'],
    'a pattern that is gone' => fn() => [new MakeCodes(8), RefusalKind::Gone, 'pattern', 'Choose another'],
    'no code' => fn() => [new CodeProduct('-x', false), RefusalKind::Unreadable, 'code', 'up to 40 letters'],
    'a code that is taken' => fn() => [
        new CodeProduct('TAKEN', true),
        RefusalKind::Taken,
        'code',
        'TAKEN is the code of Cape',
        ['TAKEN' => 'Cape'],
    ],
    'a picture that is gone' => fn() => [
        new LinkArrived([new ArrivingPicture(105, 'better.jpg', Reach::nothing(), null, 9)]),
        RefusalKind::Gone,
        null,
        'no longer in this product',
    ],
    'a better picture that is there already' => fn() => [
        new LinkArrived([new ArrivingPicture(101, 'moss.jpg', Reach::nothing(), null, 2)]),
        RefusalKind::Taken,
        null,
        'beside clay.jpg',
    ],
    'a swatch of a value that it never had' => fn() => [
        new SetValueSwatches([19 => Swatch::read('#5f7049')]),
        RefusalKind::Gone,
        'values',
        'does not have a value any more',
    ],
    'a GTIN that another has' => fn() => [
        new BecomeState(
            shapedSmock(
                fn(ProductState $state): ProductState => $state->withSkus([$state->skus[0]->numbered('4006381333931')]),
            )->state,
            'Sheet',
        ),
        RefusalKind::Taken,
        'sku',
        '4006381333931 is the GTIN of CAPE-1',
        [],
        ['4006381333931' => 'CAPE-1, a SKU of Cape'],
    ],
]);

it(
    'names what the library lacks with ids below zero, and is too large before the library gets anything',
    function (): void {
        $change = new SetUpAxes([new DraftAxis('Color', 'Moss, Rust'), new DraftAxis('Finish', 'Waxed, Raw')]);
        [$color, $finish] = $change->named(shapedSmock(), smockLibrary());
        expect($change)
            ->toBeInstanceOf(GrowsLibrary::class)
            ->and(array_map(fn(ReadAxis $axis): bool => $axis->isNew(), [$color, $finish]))
            ->toBe([false, true])
            ->and($color->newValues())
            ->toBe(['Rust'])
            ->and($finish->newValues())
            ->toBe(['Waxed', 'Raw'])
            ->and($color->swatches[$color->axis->values[1]->id])
            ->not->toBeNull();
        $many = fn(string $letter): string => implode(
            ',',
            array_map(fn(int $at): string => $letter . $at, range(1, 300)),
        );
        $large = new SetUpAxes([new DraftAxis('A', $many('a')), new DraftAxis('B', $many('b'))]);
        expect(fn() => $large->named(shapedSmock(), smockLibrary()))->toThrow(MatrixTooLarge::class);
    },
);

it('gives no code twice: a clash is to be settled first', function (): void {
    $taken = smockLibrary(['SMOCK-SLATE-S' => 'a SKU of Cape']);
    $axes = [new DraftAxis('Color', 'Moss, Clay, Slate'), new DraftAxis('Size', 'S, M')];
    $settled = new MatrixChoices(codes: ['SMOCK-SLATE-S' => 'SMOCK-SLATE-1']);
    expect(fn() => shaped(new SetUpAxes($axes), null, $taken))
        ->toThrow(CodeNotFree::class)
        ->and(shaped(new SetUpAxes($axes, $settled), null, $taken)[1])
        ->toContain('SMOCK-SLATE-1 new: Slate, S');
});

it('retires what goes at the version at which the product stands', function (): void {
    [, , $state] = shaped(OfferCells::leaveOut(Samples::at([1 => 11, 2 => 21])));
    expect([$state->skus[0]->isMade(), $state->skus[0]->retiredAt])->toBe([false, 5]);
});

it('becomes what is wanted, and is then no different any more', function (): void {
    $eur = Currency::of('EUR');
    $wanted = shapedSmock(function (ProductState $state) use ($eur): ProductState {
        $details = $state->details->with([
            'name' => 'Work smock',
            'description' => "Two pockets.\n[picture at 3]\n[picture at 1]",
            'openings' => [1 => 12],
        ]);
        $skus = array_map(
            fn(Sku $sku): Sku => $sku->id === 2 ? $sku->priceOf(Money::of('52', $eur)) : $sku,
            $state->skus,
        );
        $pictures = [
            $state->pictures[1],
            $state->pictures[0]->withId(-9),
            new Placement(-1, 'new.jpg', Reach::everything(), Reach::nothing(), photoId: 109),
        ];

        return new ProductState($details, $state->matrix, $skus, $pictures);
    })->state;
    [$words, $differences, $state] = shaped(new BecomeState($wanted, 'From the sheet'));
    expect($words)
        ->toStartWith('From the sheet: ')
        ->and($differences)
        ->toContain('Name: Smock → Work smock', 'SMOCK-2 price none → 52.00', 'new.jpg: new, whole product')
        // The picture that is there under another id is the same one; a new one is named by its place until it is
        // stored.
        ->and(array_map(fn(Placement $picture): int => $picture->id, $state->pictures))
        ->toBe([2, 1, -3])
        ->and($state->details->description)
        ->toBe("Two pockets.\n[picture at 3]\n[picture 2]")
        ->and(shaped(new BecomeState($wanted, 'Again'), fn(): ProductState => $state)[1])
        ->toBe([]);
});

it(
    'takes a code of a sheet for typed unless the pattern of the product makes the same, or the sheet says so',
    function (): void {
        $wanted = shapedSmock(
            fn(ProductState $state): ProductState => $state->withSkus([
                $state->skus[0]->coded('SMOCK-MOSS-S', false),
                $state->skus[1]->coded('SMOCK-MOSS-M', true),
                $state->skus[2]->coded('OLD-77', false),
                $state->skus[3],
            ]),
        )->state;
        $state = shaped(new BecomeState($wanted, 'Sheet'))[2];
        expect(array_map(fn(Sku $sku): array => [$sku->code, $sku->isCodeTyped], $state->skus))->toBe([
            ['SMOCK-MOSS-S', false],
            ['SMOCK-MOSS-M', true],
            ['OLD-77', true],
            ['SMOCK-4', false],
        ]);
    },
);

it('takes another setup on, with codes of its own', function (): void {
    $empty = new ProductState(new ProductDetails('Cape', 'CAPE', Currency::of('EUR')), Matrix::of([]));
    $pattern = shapedSmock()->state;
    $changed = (new SetUpLike($pattern))->on(new Product($empty), smockLibrary());
    expect($changed->words)
        ->toBe('set up like Smock: makes 4')
        ->and(array_column($changed->state->skus, 'code'))
        ->toBe(['CAPE-MOSS-S', 'CAPE-MOSS-M', 'CAPE-CLAY-S', 'CAPE-CLAY-M'])
        ->and(array_map(fn(Axis $axis): string => $axis->name, $changed->state->matrix->axes))
        ->toBe(['Color', 'Size'])
        ->and($changed->state->pictures)
        ->toBe([])
        ->and(
            fn() => (new SetUpLike($pattern))->on(new Product($empty), smockLibrary(['CAPE-MOSS-S' => 'a SKU of Hat'])),
        )
        ->toThrow(Refusal::class, 'Choose another code for the product.');
});
