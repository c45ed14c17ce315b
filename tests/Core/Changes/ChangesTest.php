<?php

declare(strict_types=1);

use Core\Changes\Details\ProductText;
use Core\Changes\Details\RemoveFact;
use Core\Changes\Details\SayDetail;
use Core\Changes\Details\SayFact;
use Core\Changes\Details\SayText;
use Core\Changes\Pictures\DifferInPictures;
use Core\Changes\Pictures\FillWithPictures;
use Core\Changes\Pictures\FocusPicture;
use Core\Changes\Pictures\FollowShotList;
use Core\Changes\Pictures\GiveRole;
use Core\Changes\Pictures\GiveRolesByViews;
use Core\Changes\Pictures\HidePictures;
use Core\Changes\Pictures\LinkPictures;
use Core\Changes\Pictures\MakeAltTextsOwn;
use Core\Changes\Pictures\MatchGalleries;
use Core\Changes\Pictures\MovePicture;
use Core\Changes\Pictures\NeedShot;
use Core\Changes\Pictures\OrderByShotList;
use Core\Changes\Pictures\PictureWay;
use Core\Changes\Pictures\PlaceInGallery;
use Core\Changes\Pictures\PutPicture;
use Core\Changes\Pictures\RemovePictures;
use Core\Changes\Pictures\ReplaceFile;
use Core\Changes\Pictures\ShowView;
use Core\Changes\Pictures\TypeAltText;
use Core\Changes\Pictures\UnlinkPictures;
use Core\Changes\Prices\AdjustValuePrice;
use Core\Changes\Prices\LetGoOfNeedlessPrices;
use Core\Changes\Prices\PriceByRule;
use Core\Changes\Prices\PriceSkus;
use Core\Changes\Prices\PriceToDecide;
use Core\Changes\Prices\PriceWay;
use Core\Changes\Prices\PriceWish;
use Core\Changes\Prices\SellIn;
use Core\Changes\Prices\SetBasePrice;
use Core\Changes\ProductChange;
use Core\Changes\SkuChange;
use Core\Changes\Skus\ChangeStockCounting;
use Core\Changes\Skus\CodeSku;
use Core\Changes\Skus\CountSkus;
use Core\Changes\Skus\NamedRange;
use Core\Changes\Skus\NumberFromRange;
use Core\Changes\Skus\NumberSkus;
use Core\Changes\Skus\PasteNumbers;
use Core\Changes\Skus\TypedCell;
use Core\Changes\Skus\WriteSkus;
use Core\Changes\Values\OpenWithSku;
use Core\Changes\Values\OpenWithValue;
use Core\Changes\Values\OrderValues;
use Core\Changes\Values\ShowAxisAs;
use Core\Codes\GtinRange;
use Core\Color\ColorOrder;
use Core\CoreException;
use Core\Details\Counting;
use Core\Details\DetailKind;
use Core\Details\Details;
use Core\Details\FactKind;
use Core\Gallery\Coverage\Need;
use Core\Gallery\Crop;
use Core\Gallery\Placement;
use Core\Gallery\Roles\Role;
use Core\Gallery\View;
use Core\Matrix\AxisDisplay;
use Core\Pricing\Currency;
use Core\Pricing\Money;
use Core\Product\Difference\Difference;
use Core\Product\Difference\DifferenceWording;
use Core\Product\LibraryPart;
use Core\Product\LibraryRef;
use Core\Product\Product;
use Core\Product\ProductState;
use Core\Product\Sku;
use Core\Product\SkuField\CodeField;
use Core\Product\SkuField\PriceField;
use Core\Product\SkuField\StockField;
use Core\Product\SkuField\WeightField;
use Core\Product\SkuFields;
use Core\Product\UsualAxis;
use Core\Reach\Reach;
use Core\Reach\Selection;
use Core\Refusal;
use Core\RefusalKind;
use Tests\Core\Changes\NoCatalog;
use Tests\Core\Color\Samples;
use Tests\Core\Product\RandomProduct;

/** What a change makes of the smock: its words, and each difference in words. */
function doneTo(Product $product, ProductChange|SkuChange $change, NoCatalog $catalog = new NoCatalog()): array
{
    $changed =
        $change instanceof SkuChange
            ? $change->on($product->chosen($change->selection()), $catalog)
            : $change->on($product, $catalog);
    $remarks = (new DifferenceWording())->remarks(Difference::between($product->state, $changed->state));

    return [$changed->words, array_map(fn($remark): string => $remark->words, $remarks), $changed->state];
}

const MOSS = [1 => 11];
const MOSS_S = [1 => 11, 2 => 21];

it('does what it says, and nothing else', function (
    ProductChange|SkuChange $change,
    string $words,
    array $differences,
    ?callable $else = null,
): void {
    [$said, $found] = doneTo(Samples::product($else), $change);
    expect($said)->toBe($words)->and($found)->toBe($differences);
})->with([
    'a weight' => fn() => [
        new WriteSkus(Samples::at(MOSS), new WeightField(), '0,35 kg'),
        'Weight of Moss, all sizes set to 350 g (was not weighed)',
        ['2 SKUs weight none → 350 g: SMOCK-1, SMOCK-2'],
    ],
    'a weight taken away' => fn() => [
        new WriteSkus(Samples::at(MOSS_S), new WeightField(), ''),
        'Weight of Moss, S set to not weighed (was not weighed)',
        [],
    ],
    'a text' => fn() => [
        new WriteSkus(Samples::at(MOSS), SkuFields::texts()[0], "  KL-2204\t/ M "),
        'Manufacturer’s number of Moss, all sizes set to KL-2204 / M (was none)',
        ['2 SKUs manufacturer’s number none → KL-2204 / M: SMOCK-1, SMOCK-2'],
    ],
    'a text taken away' => fn() => [
        new WriteSkus(Samples::at(MOSS_S), SkuFields::texts()[0], ' '),
        'Manufacturer’s number of Moss, S set to none (was KL-1)',
        ['SMOCK-1 manufacturer’s number KL-1 → none'],
        fn(ProductState $state): ProductState => $state->withSkus([
            $state->skus[0]->saying(SkuFields::texts()[0]->key(), 'KL-1'),
        ]),
    ],
    'a code' => fn() => [
        new CodeSku(Samples::at(MOSS_S), ' ODD-1 '),
        'Code of Moss, S set to ODD-1 (was SMOCK-1)',
        ['ODD-1 code SMOCK-1 → ODD-1'],
    ],
    'a GTIN' => fn() => [
        new NumberSkus(Samples::at(MOSS_S), '4006381333931'),
        'GTIN of Moss, S set to 4006381333931 (was none)',
        ['SMOCK-1 GTIN none → 4006381333931'],
    ],
    'GTINs taken away' => fn() => [new NumberSkus(Selection::whole(), ''), 'GTIN of the whole product taken away', []],
    'a stock' => fn() => [
        new CountSkus(Samples::at(MOSS), '+5'),
        'Stock of Moss, all sizes 5 more (was 10)',
        ['2 SKUs stock 10 → 15: SMOCK-1, SMOCK-2'],
    ],
    'a stock that nobody counts' => fn() => [
        new CountSkus(Samples::at(MOSS_S), ''),
        'Stock of Moss, S no longer counted (was 10)',
        ['SMOCK-1 stock 10 → not counted'],
    ],
    'own prices' => fn() => [
        new PriceSkus(Samples::at(MOSS), '52'),
        'Price of Moss, all sizes set to 52.00 (was 49.00)',
        ['2 SKUs price none → 52.00: SMOCK-1, SMOCK-2'],
    ],
    'a price of the whole product is its base' => fn() => [
        new PriceByRule(Selection::whole(), new PriceWish('52')),
        'Price of the whole product set to 52.00: base price 52.00 (was 49.00)',
        ['Price: 49.00 → 52.00'],
    ],
    'a price of a value is what it adds' => fn() => [
        new PriceByRule(Samples::at(MOSS), new PriceWish('54')),
        'Price of Moss, all sizes set to 54.00: Moss adds +5.00 (was nothing)',
        ['Price at Color Moss: none → +5.00'],
    ],
    'needless prices' => fn() => [
        new LetGoOfNeedlessPrices(),
        '1 own price that is what the rule makes let go of',
        ['SMOCK-1 price 49.00 → none'],
        fn(ProductState $state): ProductState => $state->withSkus([
            $state->skus[0]->priceOf(Money::of('49', Currency::of('EUR'))),
        ]),
    ],
    'a block' => fn() => [
        new PasteNumbers(Selection::whole(), new StockField(), [
            '1:11,2:21' => new TypedCell(1, 1, '7'),
            '1:12,2:21' => new TypedCell(2, 1, ''),
        ]),
        'Pasted 2 stock figures onto the whole product',
        ['SMOCK-1 stock 10 → 7', 'SMOCK-3 stock 10 → not counted'],
    ],
    'what a value adds' => fn() => [
        new AdjustValuePrice(21, '', '10'),
        'Price at Size S set to +10 % (was none)',
        ['Price at Size S: none → +10 %'],
    ],
    'a value that another product has' => fn() => [new AdjustValuePrice(99, '1', '', isOfMany: true), '', []],
    'a base price' => fn() => [
        new SetBasePrice('+10 %'),
        'Price of the product raised by 10 % to 53.90 (was 49.00)',
        ['Price: 49.00 → 53.90'],
    ],
    'a name' => fn() => [
        new SayText(ProductText::Name, ' Smock II '),
        'Name set to “Smock II” (was “Smock”)',
        ['Name: Smock → Smock II'],
    ],
    'a description' => fn() => [
        new SayText(ProductText::Description, 'Wide.'),
        'Changed the description of the product',
        ['Description: none → Wide.'],
    ],
    'a shot list' => fn() => [
        new FollowShotList(new LibraryRef(3, 'Garments')),
        'Changed the shot list of the product',
        ['Shot list: none → Garments'],
    ],
    'a shot' => fn() => [
        new NeedShot(View::usual('back'), Need::NotWanted, 'flat'),
        'Back pictures not wanted here: flat',
        ['Back pictures: none → not wanted: flat'],
    ],
    'a fact' => fn() => [
        new SayFact('Length', '1 200', FactKind::Number, 'cm', false),
        'Length: 1200 cm, not shown to shoppers',
        ['Fact Length: none → 1200 cm (number, not shown)'],
    ],
    'a fact again, under its name in other letters' => fn() => [
        new SayFact('LINING', 'linen'),
        'LINING: linen (was cotton)',
        ['Fact Lining: cotton → linen'],
    ],
    'no fact' => fn() => [new RemoveFact(1), 'Removed the fact Lining', ['Fact Lining: cotton → none']],
    'a SKU to open with' => fn() => [
        new OpenWithSku(Samples::at([1 => 12, 2 => 22])),
        'Opens with SMOCK-4',
        ['Opens with the SKU: none → Clay, M'],
    ],
    'a value to open with' => fn() => [
        new OpenWithValue(1, 12),
        'Shoppers find Color Clay chosen',
        ['Opens with Color: none → Clay'],
    ],
    'a display' => fn() => [
        new ShowAxisAs(1, AxisDisplay::PictureSwatches),
        'Shoppers choose the Color by picture swatches',
        ['Color of its own: none → shoppers choose by picture swatches'],
    ],
    'a display that the library says' => fn() => [
        new ShowAxisAs(1, AxisDisplay::Buttons),
        'Shoppers choose the Color by buttons, as the library says',
        [],
    ],
    'pictures differ by sizes' => fn() => [
        new DifferInPictures([2]),
        'Pictures differ by Size',
        ['Color of its own: none → pictures do not differ by it', 'Size of its own: none → pictures differ by it'],
    ],
    'counted together' => fn() => [
        new ChangeStockCounting(Counting::Product),
        'Stock counted for the whole product (was each SKU): 40 in stock becomes 40 in stock for the whole product',
        ['Stock counted for: none → the whole product', 'Units of the whole product: none → 40'],
    ],
    'another currency' => fn() => [
        new SellIn('JPY', false),
        'Currency set to JPY (was EUR): every number stays as it is',
        ['Currency: EUR → JPY', 'Price: 49.00 → 49'],
    ],
    'a detail' => fn() => [
        new SayDetail(DetailKind::Cost, ['21']),
        'Cost set to 21.00 (was none)',
        ['Cost: none → 21.00'],
    ],
    'a detail of a part' => fn() => [
        new SayDetail(DetailKind::Cost, ['24'], Samples::at(MOSS)),
        'Cost of Moss, all sizes set to 24.00 (was none)',
        ['Cost, Moss: none → 24.00'],
    ],
    'a part that has none' => fn() => [
        new SayDetail(DetailKind::Origin, [], Samples::at(MOSS), isNone: true),
        'Country of origin of Moss, all sizes set to none (was none)',
        ['Country of origin, Moss: none → none there'],
    ],
    'a link' => fn() => [
        new LinkPictures([1], Samples::at([2 => 21])),
        'Linked moss.jpg to S',
        ['moss.jpg: linked to Moss → Moss; S'],
    ],
    'a link to there only' => fn() => [
        new LinkPictures([1, 2], Samples::at([1 => 12]), onlyThere: true),
        'Linked 2 pictures only to Clay',
        ['moss.jpg: linked to Moss → Clay'],
    ],
    'no link' => fn() => [
        new UnlinkPictures([3], Samples::at(MOSS)),
        'Unlinked guide.jpg from Moss',
        ['guide.jpg: linked to whole product → Clay'],
    ],
    'back to the tray' => fn() => [
        new UnlinkPictures([1], Samples::at(MOSS), everywhere: true),
        'Returned moss.jpg to the tray',
        ['moss.jpg: linked to Moss → none'],
    ],
    'hidden' => fn() => [
        new HidePictures([3], Samples::at([2 => 21])),
        'Hid guide.jpg from S',
        ['guide.jpg: hidden from none → S'],
    ],
    'a role' => fn() => [
        new GiveRole(3, Role::Card),
        'guide.jpg is Card for whole product',
        ['guide.jpg: roles none → Card'],
    ],
    'a role taken from another of the same reach' => fn() => [
        new GiveRole(2, Role::Lead),
        'clay.jpg is Lead for Moss',
        ['moss.jpg: roles Lead → none', 'clay.jpg: roles none → Lead'],
        fn(ProductState $state): ProductState => $state->withChangedPictures([
            $state->pictures[1]->reaching($state->pictures[0]->reach, Reach::nothing()),
        ]),
    ],
    'a role no more' => fn() => [
        new GiveRole(1, Role::Lead, take: true),
        'moss.jpg is no longer Lead for Moss',
        ['moss.jpg: roles Lead → none'],
    ],
    'roles by views' => fn() => [
        new GiveRolesByViews(['lead' => View::usual('front')]),
        'Lead is the front, in every picture combination that has one',
        ['clay.jpg: roles none → Lead'],
    ],
    'a view' => fn() => [
        new ShowView([1, 2], View::usual('back')),
        '2 pictures: view back',
        ['moss.jpg: view front → back', 'clay.jpg: view front → back'],
    ],
    'an alt text' => fn() => [
        new TypeAltText(1, ' A smock in moss '),
        'Alt text of moss.jpg',
        ['moss.jpg: alt text none → A smock in moss'],
    ],
    'alt texts of their own' => fn() => [new MakeAltTextsOwn(), 'Alt text of 0 pictures made their own', []],
    'a focus' => fn() => [
        new FocusPicture(1, Crop::of(300, 400)),
        'Focus of moss.jpg set to 30 % across, 40 % down',
        ['moss.jpg: focus none → 30 % across, 40 % down'],
    ],
    'a picture moved' => fn() => [
        new MovePicture(3, Selection::whole(), 0),
        'Moved guide.jpg to place 1 of Whole product',
        ['The pictures stand in another order: guide.jpg, moss.jpg, clay.jpg, tray.mp4'],
    ],
    'pictures by the shot list' => fn() => [
        new OrderByShotList(),
        'Put the pictures into the order of the shot list',
        [],
    ],
    'galleries alike' => fn() => [new MatchGalleries(Samples::at(MOSS)), 'Gave the galleries the sequence of Moss', []],
    'a picture at a place of another part' => fn() => [
        new PlaceInGallery(1, Samples::at(MOSS), Samples::at([1 => 12]), 0, instead: true),
        'Put moss.jpg at place 1 of Clay, no longer of Moss',
        ['moss.jpg: linked to Moss → Clay'],
    ],
    'what lacks a view' => fn() => [
        new FillWithPictures([3], Samples::at(MOSS), View::usual('back')),
        'guide.jpg is the back of Moss',
        ['guide.jpg: view size guide → back'],
    ],
    'another file' => fn() => [
        new ReplaceFile(1, 109, 'clay.jpg'),
        'Replaced moss.jpg by clay.jpg',
        ['clay (2).jpg: another file in the place of moss.jpg'],
    ],
    'a picture out of the tray' => fn() => [
        new RemovePictures([4]),
        'Removed tray.mp4 from the product',
        ['tray.mp4: not in the product'],
    ],
]);

it('refuses with a kind and the field that it is about', function (
    ProductChange|SkuChange $change,
    RefusalKind $kind,
    ?string $field,
    string $words,
    ?callable $else = null,
): void {
    try {
        doneTo(
            Samples::product($else),
            $change,
            new NoCatalog(codes: ['TAKEN' => 'a SKU of Apron'], gtins: ['4006381333931' => 'APRON-1, a SKU of Apron']),
        );
    } catch (Refusal $refusal) {
        expect($refusal->kind)
            ->toBe($kind)
            ->and($refusal->field)
            ->toBe($field)
            ->and($refusal->getMessage())
            ->toContain($words);

        return;
    }
    expect(false)->toBeTrue('it was not refused');
})->with([
    'a text that is too long' => fn() => [
        new WriteSkus(Samples::at(MOSS), SkuFields::texts()[0], str_repeat('K', 71)),
        RefusalKind::Unreadable,
        'typed',
        'Manufacturer’s number can have 70 characters',
    ],
    'nothing selected' => fn() => [
        new WriteSkus(Samples::at([1 => 19]), new WeightField(), '3'),
        RefusalKind::Missing,
        'selected',
        'Select the SKUs first',
    ],
    'a code for several' => fn() => [
        new CodeSku(Selection::whole(), 'X'),
        RefusalKind::Impossible,
        'selected',
        'A code belongs to one SKU',
    ],
    'a code that is none' => fn() => [
        new CodeSku(Samples::at(MOSS_S), 'a b'),
        RefusalKind::Unreadable,
        'typed',
        'cannot be a code',
    ],
    'a code that is taken' => fn() => [
        new CodeSku(Samples::at(MOSS_S), 'taken'),
        RefusalKind::Taken,
        'typed',
        'taken is the code of a SKU of Apron',
    ],
    'a GTIN that is taken' => fn() => [
        new NumberSkus(Samples::at(MOSS_S), '4006381333931'),
        RefusalKind::Taken,
        'typed',
        'is the GTIN of APRON-1',
    ],
    'nothing to add to' => fn() => [
        new CountSkus(Selection::whole(), '+1'),
        RefusalKind::Impossible,
        'typed',
        'Nobody has counted these yet',
        fn(ProductState $state): ProductState => $state->withSkus(
            array_map(fn(Sku $sku): Sku => $sku->counted(null), $state->skus),
        ),
    ],
    'stock that is not counted' => fn() => [
        new CountSkus(Selection::whole(), '1'),
        RefusalKind::Impossible,
        'typed',
        'is not counted',
        fn(ProductState $state): ProductState => $state->withDetails(
            $state->details->saying((new Details())->withWhole(DetailKind::Counting, 'none')),
        ),
    ],
    'a block on a cell without a SKU' => fn() => [
        new PasteNumbers(Selection::whole(), new PriceField(), ['1:19,2:21' => new TypedCell(3, 2, '4')]),
        RefusalKind::Gone,
        'block',
        'Row 3, column 2',
    ],
    'a block that cannot be read' => fn() => [
        new PasteNumbers(Selection::whole(), new PriceField(), ['1:11,2:21' => new TypedCell(1, 1, 'much')]),
        RefusalKind::Unreadable,
        'block',
        'Row 1, column 1 (Moss, S)',
    ],
    'a block with a code twice' => fn() => [
        new PasteNumbers(Selection::whole(), new CodeField(), [
            '1:11,2:21' => new TypedCell(1, 1, 'A'),
            '1:11,2:22' => new TypedCell(1, 2, 'a'),
        ]),
        RefusalKind::Taken,
        'block',
        'another cell of the block',
    ],
    'a range that is gone' => fn() => [
        new NumberFromRange(Selection::whole(), 7),
        RefusalKind::Gone,
        'range',
        'not there any more',
    ],
    'a value that is gone' => fn() => [
        new AdjustValuePrice(99, '1', ''),
        RefusalKind::Gone,
        null,
        'no longer on the product',
    ],
    'a name that is empty' => fn() => [
        new SayText(ProductText::Name, ' '),
        RefusalKind::Missing,
        'value',
        'cannot be empty',
    ],
    'a brand that is too long' => fn() => [
        new SayText(ProductText::Brand, str_repeat('x', 81)),
        RefusalKind::Unreadable,
        'value',
        '80 characters',
    ],
    'a fact that is an axis' => fn() => [
        new SayFact('COLOR', 'green'),
        RefusalKind::Impossible,
        'name',
        'Color is an axis',
    ],
    'a fact without a name' => fn() => [new SayFact('', 'green'), RefusalKind::Missing, 'name', 'A fact needs a name'],
    'a fact that is gone' => fn() => [new RemoveFact(9), RefusalKind::Gone, null, 'no longer there'],
    'an axis that is gone' => fn() => [new OpenWithValue(9, 1), RefusalKind::Gone, null, 'This axis is no longer'],
    'a value to open with that is gone' => fn() => [
        new OpenWithValue(1, 99),
        RefusalKind::Gone,
        'value',
        'no longer a Color',
    ],
    'a view without a reason' => fn() => [
        new NeedShot(View::usual('back'), Need::NotWanted, ' '),
        RefusalKind::Missing,
        'reason',
        'Say why',
    ],
    'prices that a currency cannot have' => fn() => [
        new SellIn('JPY', false),
        RefusalKind::Impossible,
        'round',
        'JPY cannot have 49.50',
        fn(ProductState $state): ProductState => $state->withDetails(
            $state->details->pricedBy(Money::of('49.5', Currency::of('EUR')), []),
        ),
    ],
    'units as a detail' => fn() => [
        new SayDetail(DetailKind::ProductUnits, ['3']),
        RefusalKind::Impossible,
        'detail',
        'in the Stock lens',
    ],
    'no picture' => fn() => [new ShowView([], null), RefusalKind::Missing, null, 'Mark a picture first'],
    'a picture that is gone' => fn() => [
        new ShowView([1, 99], null),
        RefusalKind::Gone,
        null,
        'no longer in this product',
    ],
    'a film as the Lead' => fn() => [new GiveRole(4, Role::Lead), RefusalKind::Impossible, 'role', 'no still picture'],
    'a picture that is linked' => fn() => [
        new RemovePictures([4, 1]),
        RefusalKind::Impossible,
        null,
        'moss.jpg is linked',
    ],
    'roles by no view' => fn() => [new GiveRolesByViews([]), RefusalKind::Missing, 'rule', 'Choose a view'],
    'an alt text that is too long' => fn() => [
        new TypeAltText(1, str_repeat('x', 301)),
        RefusalKind::Unreadable,
        'text',
        '300 characters',
    ],
    'a file that is here' => fn() => [
        new ReplaceFile(1, 102, 'other.jpg'),
        RefusalKind::Taken,
        null,
        'is in this product already, as clay.jpg',
    ],
    'the same file' => fn() => [new ReplaceFile(1, 101, 'moss.jpg'), RefusalKind::Impossible, null, 'the very picture'],
    'a strip that is gone' => fn() => [
        new PlaceInGallery(1, Samples::at(MOSS), Samples::at([1 => 19]), 0, instead: false),
        RefusalKind::Gone,
        'onto',
        'not there any more',
    ],
    'a hole that is gone' => fn() => [
        new FillWithPictures([1], Samples::at([1 => 19]), View::usual('back')),
        RefusalKind::Gone,
        'onto',
        'not in the product any more',
    ],
    'links to nothing' => fn() => [
        new LinkPictures([1], Samples::at([1 => 19])),
        RefusalKind::Missing,
        'selected',
        'Select a color',
    ],
]);

it('asks first what becomes of own prices', function (): void {
    $own = fn(ProductState $state): ProductState => $state->withSkus([
        $state->skus[0]->priceOf(Money::of('60', Currency::of('EUR'))),
    ]);
    expect(
        fn() => doneTo(
            Samples::product($own),
            new PriceByRule(Selection::whole(), new PriceWish('52', way: PriceWay::Asking)),
        ),
    )
        ->toThrow(PriceToDecide::class)
        ->and(doneTo(Samples::product($own), new PriceByRule(Selection::whole(), new PriceWish('52')))[1])
        ->toBe(['Price: 49.00 → 52.00', 'SMOCK-1 price 60.00 → none'])
        ->and(
            doneTo(
                Samples::product($own),
                new PriceByRule(Selection::whole(), new PriceWish('52', way: PriceWay::Own)),
            )[1],
        )
        ->toContain('3 SKUs price none → 52.00: SMOCK-2, SMOCK-3, SMOCK-4');
});

it('changes units once where several SKUs are sold from them', function (): void {
    $pooled = doneTo(Samples::product(), new ChangeStockCounting(Counting::Pictures))[2];
    [$words, , $state] = doneTo(new Product($pooled), new CountSkus(Samples::at(MOSS_S), '+5'));
    expect($words)
        ->toBe('Stock of Moss, counted together, 5 more (was 20)')
        ->and((new Product($state))->units($state->skus[0]))
        ->toBe(25)
        ->and((new Product($state))->units($state->skus[1]))
        ->toBe(25)
        ->and((new Product($state))->units($state->skus[2]))
        ->toBe(20);
});

it('is the same twice: what is said again changes nothing', function (int $seed): void {
    $random = Samples::random($seed);
    $library = RandomProduct::library($random);
    $product = new Product(
        (new RandomProduct($random, $library))->state(),
        new LibraryPart(
            usual: array_map(
                fn($axis): UsualAxis => new UsualAxis($axis->changesPicture, $axis->display),
                array_column($library->axes(), null, 'id'),
            ),
        ),
    );
    $axis = $product->matrix->axes[0];
    $selection = Samples::at([$axis->id => $axis->values[0]->id]);
    $ids = array_map(fn(Placement $picture): int => $picture->id, array_slice($product->state->pictures, 0, 3));
    $changes = [
        new WriteSkus($selection, new WeightField(), '300'),
        new CountSkus(Selection::whole(), '4'),
        new PriceSkus(Selection::whole(), '52'),
        new SayText(ProductText::Brand, 'Oats'),
        new SetBasePrice('50'),
        new SayFact('Lining', 'wool'),
        new OpenWithValue($axis->id, $axis->values[0]->id),
        new ShowAxisAs($axis->id, AxisDisplay::List),
        new SayDetail(DetailKind::Cost, ['7']),
        new SayDetail(DetailKind::Cost, ['9'], $selection),
        new LinkPictures($ids, $selection),
        new UnlinkPictures($ids, $selection),
        new HidePictures($ids, $selection),
        new ShowView($ids, View::usual('back')),
        new ChangeStockCounting(Counting::Product),
        new DifferInPictures([$axis->id]),
    ];
    $done = 0;
    foreach ($changes as $change) {
        try {
            $once = doneTo($product, $change)[2];
        } catch (CoreException) {
            continue;
        }
        $done++;
        $again = doneTo(new Product($once, $product->library), $change)[2];
        expect(Difference::between($once, $again)->isNone())
            ->toBeTrue($change::class)
            // Whatever sleeps is asleep as before.
            ->and($once->matrix->sleeping)
            ->toEqual($product->matrix->sleeping)
            ->and($once->details->sleepingLabels)
            ->toBe($product->state->details->sleepingLabels);
    }
    expect($done)->toBeGreaterThan(12);
})->with(range(1, 40));

it('puts one stored picture into a part of a product, whatever the product is', function (
    PutPicture $put,
    array $differences,
    string $files,
): void {
    [, $found, $state] = doneTo(Samples::product(), $put);
    expect($found)->toBe($differences)->and($put->files(new Product($state)))->toBe($files);
})->with([
    'added' => fn() => [
        new PutPicture(PictureWay::Add, 109, 'label.jpg', 'Moss', View::usual('back'), null, ''),
        ['label.jpg: new, Moss'],
        'label.jpg',
    ],
    'added under a name that is taken' => fn() => [
        new PutPicture(PictureWay::Add, 109, 'CLAY.jpg', '', null, null, ''),
        ['CLAY (2).jpg: new, whole product'],
        'moss.jpg, clay.jpg, guide.jpg, CLAY (2).jpg',
    ],
    'added where it is' => fn() => [
        new PutPicture(PictureWay::Add, 101, 'x.jpg', 'Clay', null, null, ''),
        ['moss.jpg: linked to Moss → whole product'],
        'moss.jpg, clay.jpg, guide.jpg',
    ],
    'the only one of its view' => fn() => [
        new PutPicture(PictureWay::Set, 102, 'x.jpg', '', View::usual('front'), null, ''),
        ['moss.jpg: linked to Moss → none', 'clay.jpg: linked to Clay → whole product'],
        'clay.jpg',
    ],
    'taken' => fn() => [
        new PutPicture(PictureWay::Take, 103, 'x.jpg', 'Moss', null, null, ''),
        ['guide.jpg: linked to whole product → Clay'],
        'moss.jpg',
    ],
    'taken where it is not' => fn() => [
        new PutPicture(PictureWay::Take, 109, 'x.jpg', 'Moss', null, null, ''),
        [],
        'moss.jpg, guide.jpg',
    ],
    'replaced' => fn() => [
        new PutPicture(PictureWay::Replace, 103, 'x.jpg', '', null, 109, 'sizes.jpg'),
        ['sizes.jpg: another file in the place of guide.jpg'],
        'moss.jpg, clay.jpg, sizes.jpg',
    ],
]);

it('refuses a picture where the product has no such part, or has the other already', function (
    PutPicture $put,
    string $words,
): void {
    expect(fn() => doneTo(Samples::product(), $put))->toThrow(Refusal::class, $words);
})->with([
    'no such part' => fn() => [
        new PutPicture(PictureWay::Add, 109, 'x.jpg', 'Slate', null, null, ''),
        'Smock has no “Slate”',
    ],
    'there already' => fn() => [
        new PutPicture(PictureWay::Replace, 103, 'x.jpg', '', null, 101, 'moss.jpg'),
        'moss.jpg is in Smock already',
    ],
    'no other' => fn() => [new PutPicture(PictureWay::Replace, 103, 'x.jpg', '', null, null, ''), 'Choose the picture'],
    'no view' => fn() => [new PutPicture(PictureWay::Set, 103, 'x.jpg', '', null, null, ''), 'Say which view'],
]);

it('gives the next free numbers of a range, and orders values', function (): void {
    $catalog = new NoCatalog(ranges: [7 => new NamedRange('Own', GtinRange::typed('4006381', '1', '9'))]);
    [$words, , $state] = doneTo(Samples::product(), new NumberFromRange(Selection::whole(), 7), $catalog);
    $gtins = array_map(fn(Sku $sku): ?string => $sku->gtin, $state->skus);
    expect($words)
        ->toStartWith('Gave 4 GTINs of Own to the whole product: ')
        ->and(count(array_unique($gtins)))
        ->toBe(4)
        ->and($gtins)
        ->not->toContain(null);

    [$said, $differences] = doneTo(Samples::product(), new OrderValues(1, [12, 11]));
    expect($said)
        ->toBe('Reordered Color: Clay, Moss')
        ->and($differences)
        ->toBe(['Color stands in another order: Clay, Moss'])
        ->and(fn() => doneTo(Samples::product(), new OrderValues(1, [12])))
        ->toThrow(Refusal::class, 'changed meanwhile')
        ->and(doneTo(Samples::product(), new OrderValues(1, ColorOrder::cases()[0]))[0])
        ->toContain('Reordered Color: ');
});
