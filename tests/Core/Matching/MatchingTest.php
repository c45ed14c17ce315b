<?php

declare(strict_types=1);

use Core\Color\Measuring\ColorShare;
use Core\Color\Measuring\PictureColors;
use Core\Color\Srgb;
use Core\Color\Swatches\Swatch;
use Core\Gallery\View;
use Core\Gallery\Views;
use Core\Matching\DropReader;
use Core\Matching\Exactness;
use Core\Matching\Names\DroppedName;
use Core\Matching\Names\KnownProduct;
use Core\Matching\Names\Meaning;
use Core\Matching\Names\NamePart;
use Core\Matching\Names\NameParts;
use Core\Matching\Names\ViewWords;
use Core\Matching\Names\WordList;
use Core\Matching\SeenPicture;
use Core\Matching\Verdict;
use Core\Matrix\Axis;
use Core\Matrix\AxisKind;
use Core\Matrix\Combination;
use Core\Matrix\Matrix;
use Core\Matrix\Value;
use Core\Text\WordForms;
use Tests\Core\Color\Samples;
use Tests\Core\Matching\RandomShop;
use Tests\Matching\Tally;

/** A smock in three colors, four sizes, two styles whose codes are sizes too; and a hat. */
function smallShop(): WordList
{
    $list = new WordList();
    ViewWords::addTo($list, Views::usual());
    $colors = [new Value(11, 'Moss', 'MSS'), new Value(12, 'Clay', 'CLAY'), new Value(13, 'Deep slate', 'SLT')];
    $sizes = [new Value(21, 'S', 'S'), new Value(22, 'M', 'M'), new Value(23, 'L', 'L'), new Value(24, 'XL', 'XL')];
    $styles = [new Value(31, 'Smart', 'S'), new Value(32, 'Buttoned', 'BTT')];
    foreach ([[1, $colors], [2, $sizes], [3, $styles], [1, [new Value(14, 'Oat', 'OAT')]]] as [$axisId, $values]) {
        foreach ($values as $value) {
            $list->add($value->label, Meaning::value($axisId, $value->id, $value->label));
            $list->add($value->code, Meaning::value($axisId, $value->id, $value->label));
        }
    }
    $list->add('Grün', Meaning::value(1, 11, 'Moss', Exactness::Synonym));
    $smock = Matrix::of([
        new Axis(1, 'Color', AxisKind::Color, $colors, true),
        new Axis(2, 'Size', AxisKind::Size, $sizes, false),
        new Axis(3, 'Style', AxisKind::Other, $styles, true),
    ]);
    $hat = Matrix::of([new Axis(1, 'Color', AxisKind::Color, [$colors[0], $colors[1]], true)]);
    foreach (
        [new KnownProduct(1, 'TB-SMOCK', 'Potting smock', $smock), new KnownProduct(2, 'TB-HAT', 'Brim hat', $hat)]
        as $product
    ) {
        $list->addProduct($product);
        $list->add($product->code, Meaning::product($product->id, $product->code));
        $list->add($product->name, Meaning::product($product->id, $product->name));
    }
    foreach (
        [
            [1, 'TB-SMOCK-MSS-M-BTT', '2000000000015', [1 => 11, 2 => 22, 3 => 32]],
            [2, 'TB-SMOCK-MSS-L-BTT', '2000000000022', [1 => 11, 2 => 23, 3 => 32]],
        ]
        as [$id, $code, $gtin, $cell]
    ) {
        $list->add($code, Meaning::sku(1, $id, $code));
        $list->add($gtin, Meaning::sku(1, $id, $code, true));
        $list->addSku($id, Combination::of($cell));
    }

    return $list;
}

function judged(string $file, ?int $productId = null, string $folder = ''): Verdict
{
    return (new DropReader(smallShop()))->read([new DroppedName($file, $folder)], $productId)[0];
}

it('takes a name apart at separators, at changes of case, and between letters and digits', function (
    string $name,
    array $parts,
): void {
    expect(array_map(fn(NamePart $part): string => $part->text, NameParts::of($name)))->toBe($parts);
})->with([
    ['TB-SMOCK_moss front (2).jpg', ['TB', 'SMOCK', 'moss', 'front', '2']],
    ['SmockMossFront.jpeg', ['Smock', 'Moss', 'Front']],
    ['IMG2041XL.JPG', ['IMG', '2041', 'XL']],
    ['HTMLCoat.png', ['HTML', 'Coat']],
    ['Größe_größer.jpg', ['Größe', 'größer']],
    ['36½.jpg', ['36½']],
    ['', []],
    'no UTF-8' => ["\xff\xfe.jpg", []],
]);

it('knows a word in the forms that names of files give it', function (string $word, array $forms): void {
    expect(WordForms::of($word))->toBe($forms);
})->with([
    ['Grün', ['grun', 'gruen']],
    ['Weiß', ['weiss']],
    ['Nørre', ['norre', 'noerre']],
    ['Crème brûlée', ['cremebrulee']],
    ['Moss', ['moss']],
    ['–', []],
]);

it('reads clear names fully', function (string $file, array $reach, ?View $view, float $confidence): void {
    $verdict = judged($file);
    expect($verdict->productId)
        ->toBe(1)
        ->and($verdict->reach?->toArrays())
        ->toBe($reach)
        ->and($verdict->view)
        ->toBe($view)
        ->and($verdict->confidence)
        ->toBe($confidence)
        ->and($verdict->doubtWords())
        ->toBe([])
        ->and($verdict->isSure())
        ->toBeTrue();
})->with([
    'code, color, style, view' => [
        'TB-SMOCK_MSS_buttoned_front.jpg',
        [[1 => [11], 3 => [32]]],
        View::usual('front'),
        0.95,
    ],
    'a SKU stands for its picture axes' => ['TB-SMOCK-MSS-M-BTT_02.jpg', [[1 => [11], 3 => [32]]], null, 0.95 + 0.04],
    'a GTIN with a suffix' => ['2000000000015 vorne.jpg', [[1 => [11], 3 => [32]]], View::usual('front'), 0.99],
    'words in any order, of more than one word' => [
        'back deep slate smart potting smock.jpg',
        [[1 => [13], 3 => [31]]],
        View::usual('back'),
        0.95,
    ],
    'a translation and noise' => [
        'TB-SMOCK gruen BTT Rückseite final 1600px (3) copy.jpg',
        [[1 => [11], 3 => [32]]],
        View::usual('back'),
        0.9,
    ],
    'a code that fits two axes, settled by the rest' => [
        'TB-SMOCK_clay_M_S_front.jpg',
        [[1 => [12], 3 => [31]]],
        View::usual('front'),
        0.95,
    ],
    'a size guide is for all' => ['TB-SMOCK size chart.jpg', [[]], View::usual('size guide'), 0.95],
]);

it('says what is wrong with a name that sets a trap', function (
    string $file,
    string $doubt,
    float $most,
    ?int $productId,
): void {
    $verdict = judged($file);
    expect(implode(' ', $verdict->doubtWords()))
        ->toContain($doubt)
        ->and($verdict->confidence)
        ->toBeLessThanOrEqual($most)
        ->and($verdict->isSure())
        ->toBeFalse()
        ->and($verdict->productId)
        ->toBe($productId);
})->with([
    'two colors' => ['TB-SMOCK_moss_clay_buttoned.jpg', 'more than one color: Moss and Clay', 0.5, 1],
    'a color it does not come in' => ['TB-SMOCK_oat_buttoned_front.jpg', 'Potting smock does not come in Oat', 0.5, 1],
    'no color' => ['TB-SMOCK_buttoned_front.jpg', 'says no Color', 0.5, 1],
    'a code that fits two axes' => ['TB-SMOCK_clay_S_front.jpg', '“S” can be S or Smart', 0.5, 1],
    'two products' => ['TB-SMOCK TB-HAT moss.jpg', 'more than one product', 0.5, 1],
    'two views' => ['TB-SMOCK moss smart front back.jpg', 'more than one view', 0.5, 1],
    'a word that nobody knows' => ['TB-SMOCK moss fern smart front.jpg', '“fern” means nothing here', 0.85, 1],
    'nothing at all' => ['IMG_2041.jpg', 'Nothing in the name', 0.0, null],
]);

it('reads a slip as likely, and says so', function (): void {
    $verdict = judged('TB-SMCOK_moss_buttonned_front.jpg');
    expect($verdict->productId)
        ->toBe(1)
        ->and($verdict->confidence)
        ->toBe(0.75)
        ->and($verdict->reach?->toArrays())
        ->toBe([[1 => [11], 3 => [32]]])
        ->and($verdict->reasons[0])
        ->toBe('“TB SMCOK” is a letter away from TB-SMOCK, Potting smock.')
        ->and($verdict->inWords())
        ->toBe('likely');
});

it('considers only a product that is given, and says where the name disagrees', function (): void {
    expect(judged('moss_front.jpg', 2)->isSure())
        ->toBeTrue()
        ->and(judged('moss_front.jpg', 2)->reach?->toArrays())
        ->toBe([[1 => [11]]])
        ->and(judged('TB-SMOCK_moss_front.jpg', 2)->doubtWords())
        ->toBe(['“TB SMOCK” is Potting smock.'])
        ->and(judged('deep slate.jpg', 2)->doubtWords())
        ->toBe(['Brim hat does not come in Deep slate.']);
});

it('lets a folder say what the name leaves open, and no more', function (): void {
    expect(judged('01_front.jpg', null, 'TB-HAT/Moss')->reach?->toArrays())
        ->toBe([[1 => [11]]])
        ->and(judged('clay_front.jpg', null, 'TB-HAT/Clay')->reach?->toArrays())
        ->toBe([[1 => [12]]])
        ->and(judged('clay_front.jpg', null, 'TB-HAT/Clay')->doubtWords())
        ->toBe([])
        ->and(judged('clay_front.jpg', null, 'TB-HAT/Moss and Clay')->doubtWords())
        ->toBe(['The folder says Moss, the name says Clay.']);
});

it('narrows to a size only where the same picture is there for another', function (): void {
    $read = fn(array $files): array => array_map(
        fn(Verdict $verdict): array => $verdict->reach?->toArrays() ?? [],
        (new DropReader(smallShop()))->read(array_map(fn(string $file): DroppedName => new DroppedName($file), $files)),
    );
    expect($read(['TB-SMOCK-MSS-M-BTT_front.jpg', 'TB-SMOCK-MSS-L-BTT_back.jpg']))
        ->toBe([[[1 => [11], 3 => [32]]], [[1 => [11], 3 => [32]]]])
        ->and($read(['TB-SMOCK-MSS-M-BTT_front.jpg', 'TB-SMOCK-MSS-L-BTT_front.jpg']))
        ->toBe([[[1 => [11], 2 => [22], 3 => [32]]], [[1 => [11], 2 => [23], 3 => [32]]]]);
});

it('lets what many names have in common explain the one that lacks it', function (): void {
    $names = array_map(fn(int $at): DroppedName => new DroppedName("Thrumbury TB-HAT moss {$at}.jpg"), range(1, 10));
    $names['tenth'] = new DroppedName('Thrumbury clay front.jpg');
    $names['elsewhere'] = new DroppedName('Thrumbury clay front.jpg', 'other');
    $verdicts = (new DropReader(smallShop()))->read($names);
    expect($verdicts[0]->isSure())
        ->toBeTrue()
        ->and($verdicts['tenth']->productId)
        ->toBe(2)
        ->and($verdicts['tenth']->confidence)
        ->toBe(0.9)
        ->and($verdicts['tenth']->reasons)
        ->toContain('The others beside it are all of Brim hat.')
        ->and($verdicts['elsewhere']->confidence)
        ->toBe(Verdict::LIKELY);
    // Eight are no habit: the color alone speaks for it.
    $few = (new DropReader(smallShop()))->read([
        ...array_slice($names, 0, 8),
        'tenth' => new DroppedName('clay front.jpg'),
        'no color' => new DroppedName('front.jpg'),
    ]);
    expect($few['tenth']->confidence)
        ->toBe(Verdict::LIKELY)
        ->and($few['tenth']->reasons)
        ->toContain('Of the products in this drop only Brim hat comes in Clay.')
        ->and($few['no color']->productId)
        ->toBeNull();
});

it('takes a picture to be of the only product that comes in its color, at most likely', function (): void {
    $shop = smallShop();
    $apron = Matrix::of([new Axis(1, 'Color', AxisKind::Color, [new Value(12, 'Clay'), new Value(14, 'Oat')], true)]);
    $shop->addProduct(new KnownProduct(3, 'TB-APRON', 'Waxed apron', $apron));
    $shop->add('TB-APRON', Meaning::product(3, 'TB-APRON'));
    $read = fn(string ...$files): Verdict => (new DropReader($shop))->read(
        array_map(fn(string $file): DroppedName => new DroppedName($file), $files),
    )[count($files) - 1];
    // Both come in Clay, only the apron in Oat.
    expect($read('TB-APRON_clay_front.jpg', 'TB-HAT_clay_front.jpg', 'IMG_440_clay_front.jpg')->productId)
        ->toBeNull()
        ->and($read('TB-APRON_clay_front.jpg', 'TB-HAT_clay_front.jpg', 'IMG_440_oat_front.jpg')->reasons)
        ->toContain('Of the products in this drop only Waxed apron comes in Oat.')
        ->and($read('IMG_440_oat_front.jpg')->productId)
        ->toBeNull();
    $shop->addOnlyWith(14, 3);
    $alone = $read('IMG_440_oat_front.jpg');
    expect($alone->reasons)
        ->toContain('Only Waxed apron comes in Oat.')
        ->and($alone->inWords())
        ->toBe('likely')
        ->and($alone->reach?->toArrays())
        ->toBe([[1 => [14]]])
        // A name that says a product needs no other.
        ->and($read('TB-HAT_oat_front.jpg')->productId)
        ->toBe(2);
});

it(
    'is never wrong where it is sure, reads 95 of 100 clear names fully, takes runs for shots, and names each trap, whatever words and habits are drawn',
    function (int $seed): void {
        $random = Samples::random($seed);
        $shop = new RandomShop($random);
        $names = $truth = $traps = [];
        for ($at = 0; $at < 250; $at++) {
            $drawn = $shop->clear($random->getInt(0, count(RandomShop::HABITS) - 1));
            $names["clear {$at}"] = array_shift($drawn);
            $truth["clear {$at}"] = $drawn;
        }
        $shots = [];
        for ($at = 0; $at < 12; $at++) {
            foreach ($shop->run() as $number => $drawn) {
                $names["run {$at} {$number}"] = array_shift($drawn);
                $shots["run {$at} {$number}"] = $drawn;
            }
        }
        for ($at = 0; $at < 100; $at++) {
            [$names["trap {$at}"], $traps["trap {$at}"]] = $shop->trap($at);
        }
        $verdicts = (new DropReader($shop->words))->read($names);
        $wrong = $full = 0;
        foreach ($truth as $key => [$productId, $said, $view]) {
            $verdict = $verdicts[$key];
            $isRight = RandomShop::isRead($verdict, $productId, $said) && $verdict->view === $view;
            $wrong += $verdict->isSure() && !$isRight ? 1 : 0;
            $full += $verdict->isSure() && $isRight ? 1 : 0;
        }
        expect($wrong)
            ->toBe(0)
            ->and($full / count($truth))
            ->toBeGreaterThanOrEqual(0.95);
        foreach ($shots as $key => [$productId, $said, $number]) {
            $verdict = $verdicts[$key];
            expect([RandomShop::isRead($verdict, $productId, $said), $verdict->place, $verdict->narrower])->toBe(
                [true, $number, []],
                $names[$key]->file,
            );
        }
        foreach ($traps as $key => $says) {
            expect($verdicts[$key]->isSure())
                ->toBeFalse($names[$key]->file)
                ->and(implode(' ', $verdicts[$key]->doubtWords()))
                ->toContain($says);
        }
    },
)->with(range(1, 20));

it('is right at least as often as its confidence says, whatever words and habits are drawn', function (): void {
    $tally = new Tally();
    foreach (range(1, 8) as $seed) {
        $tally->addShop(5_000 + $seed);
    }
    $levels = $tally->confidence();
    expect(array_keys($levels))->toContain('0.75', '0.85', '0.90', '0.95', '0.99');
    foreach ($levels as $level => [$all, $right]) {
        if ((float) $level >= Exactness::Slip->confidence()) {
            expect($right / $all)->toBeGreaterThanOrEqual((float) $level, "at {$level}: {$right} of {$all}");
        }
    }
});

/** A scarf in colors whose names have one word and two. */
function scarfShop(): WordList
{
    $colors = [
        new Value(11, 'Sky', 'SKY'),
        new Value(12, 'Sky Blue', 'SKB'),
        new Value(13, 'Navy Blue', 'NVB'),
        new Value(14, 'Black', 'BLC'),
        new Value(15, 'Vert', 'VRT'),
        new Value(16, 'Weiß', 'WSS'),
    ];
    $matrix = Matrix::of([new Axis(1, 'Color', AxisKind::Color, $colors, true)]);
    $list = new WordList();
    ViewWords::addTo($list, Views::usual());
    foreach ($colors as $sku => $value) {
        $list->add($value->label, Meaning::value(1, $value->id, $value->label));
        $list->add($value->code, Meaning::value(1, $value->id, $value->label));
        $list->add("PL-330-{$value->code}", Meaning::sku(1, $sku + 1, "PL-330-{$value->code}"));
        $list->addSku($sku + 1, Combination::of([1 => $value->id]));
    }
    $list->add('4012345678901', Meaning::sku(1, 4, 'PL-330-BLC', true));
    $list->add('Noir', Meaning::value(1, 14, 'Black', Exactness::Synonym));
    $list->add('PL-330', Meaning::product(1, 'PL-330'));
    $list->addProduct(new KnownProduct(1, 'PL-330', 'Field scarf', $matrix));

    return $list;
}

it('takes a form of a color’s name as likely, where one color alone can be meant', function (
    string $word,
    ?int $colorId,
    string $reason,
): void {
    $verdict = dropped(["PL-330_{$word}_front.jpg"], scarfShop())["PL-330_{$word}_front.jpg"];
    expect($verdict->isSure())
        ->toBeFalse()
        ->and($verdict->reach?->toArrays())
        ->toBe($colorId === null ? [[]] : [[1 => [$colorId]]])
        ->and(implode(' ', [...$verdict->reasons, ...$verdict->doubtWords()]))
        ->toContain($reason)
        ->and($verdict->inWords())
        ->toBe($colorId === null ? 'in doubt' : 'likely');
})->with([
    'halved' => ['navy', 13, '“navy” is half of Navy Blue, and of no other that it comes in.'],
    'halved, of two' => ['blue', null, 'It says no Color.'],
    'turned' => ['blue-navy', 13, '“blue navy” is Navy Blue with its words turned.'],
    'short' => ['blk', 14, '“blk” is taken as short for Black'],
    'its beginning' => ['bla', 14, '“bla” is taken as short for Black'],
    'inflected' => ['verte', 15, '“verte” is taken as another form of Vert.'],
    'another word, inflected' => ['noire', 14, '“noire” is taken as another form of Black.'],
    'German' => ['weisses', 16, '“weisses” is taken as another form of Weiß.'],
    'none of them' => ['qwop', null, 'It says no Color.'],
    'the ground' => ['weiss-background', null, 'It says no Color.'],
    'the ground, before it' => ['auf black', null, 'It says no Color.'],
]);

it('passes over the color of the ground beside that of the goods', function (string $file): void {
    $verdict = dropped([$file], scarfShop())[$file];
    expect($verdict->isSure())
        ->toBeTrue($file)
        ->and($verdict->reach?->toArrays())
        ->toBe([[1 => [14]]]);
})->with(['PL-330_black_sky-bg_front.jpg', 'PL-330 black on sky front.jpg', 'PL-330_black_front_fond sky.jpg']);

it('lets the picture raise a form of a color’s name, or speak against it', function (
    string $looks,
    float $confidence,
): void {
    $matrix = Matrix::of([
        new Axis(1, 'Color', AxisKind::Color, [new Value(11, 'Moss', 'M1'), new Value(12, 'Navy Blue', 'N1')], true),
    ]);
    $list = scarfShop();
    $swatches = [11 => Swatch::of(Srgb::fromHex('#5f7049')), 12 => Swatch::of(Srgb::fromHex('#24304f'))];
    $list->addProduct(new KnownProduct(1, 'PL-330', 'Field scarf', $matrix, $swatches));
    $colors = new PictureColors(Srgb::fromHex('#ffffff'), 1.0, 0.4, [new ColorShare(Srgb::fromHex($looks), 1.0)], null);
    $verdict = (new DropReader($list))->read([new DroppedName('PL-330_navy_front.jpg')], null, [
        new SeenPicture($colors),
    ])[0];
    expect($verdict->confidence)->toBe($confidence);
})->with(['navy' => ['#26324f', 0.85], 'moss' => ['#60714a', 0.5], 'neither' => ['#c03030', 0.75]]);

it('takes no word for a form of a color that stands beside other colors too', function (): void {
    $files = array_map(fn(int $at): string => "navy_PL-330_sky_front_{$at}.jpg", range(1, 12));
    $verdict = dropped([...$files, 'navy_PL-330_front.jpg'], scarfShop())['navy_PL-330_front.jpg'];
    expect($verdict->reach?->toArrays())
        ->toBe([[]])
        ->and($verdict->doubtWords())
        ->toBe(['It says no Color.']);
    // One that all names have in place of a color may be the color.
    $files = array_map(fn(int $at): string => "PL-330_navy_front_{$at}.jpg", range(1, 12));
    expect(dropped($files, scarfShop())[$files[0]]->reach?->toArrays())->toBe([[1 => [13]]]);
});

it('reads the longest value before a SKU that ends in its beginning, and GTINs however they are written', function (
    string $file,
    array $reach,
    ?int $place,
): void {
    $verdict = dropped([$file], scarfShop())[$file];
    expect($verdict->isSure())
        ->toBeTrue()
        ->and($verdict->reach?->toArrays())
        ->toBe($reach)
        ->and($verdict->place)
        ->toBe($place);
})->with([
    'longer than the SKU' => ['PL-330-sky-blue_front.jpg', [[1 => [12]]], null],
    'the SKU' => ['PL-330-sky_front.jpg', [[1 => [11]]], null],
    'a GTIN' => ['4012345678901_front.jpg', [[1 => [14]]], null],
    'of fourteen digits' => ['04012345678901_front.jpg', [[1 => [14]]], null],
    'with its name' => ['EAN4012345678901 front.jpg', [[1 => [14]]], null],
    'with a number right behind' => ['40123456789012_front.jpg', [[1 => [14]]], null],
    'with a letter right behind' => ['4012345678901a_front.jpg', [[1 => [14]]], null],
]);

it('takes a number beside a SKU for a shot, though there is such a size', function (): void {
    $verdict = dropped(['KN-2208-BLK-L_front_2.jpg'], shoeShop())['KN-2208-BLK-L_front_2.jpg'];
    expect($verdict->doubtWords())->toBe([])->and($verdict->place)->toBe(2)->and($verdict->isSure())->toBeTrue();
});

it('says of numbers without a view that they can be sizes or shots, and narrows nothing by them', function (): void {
    foreach (dropped(['KN-2208_black_2.jpg', 'KN-2208_black_3.jpg'], shoeShop()) as $verdict) {
        expect($verdict->confidence)
            ->toBe(0.85)
            ->and($verdict->reach?->toArrays())
            ->toBe([[1 => [11]]])
            ->and($verdict->doubtWords()[0])
            ->toMatch('/^“[23]” can be a size or the number of a shot\.$/');
    }
});

it(
    'narrows nothing where one picture is there for each size (of an export of one file for each SKU, each was only for its own)',
    function (): void {
        $names = array_map(fn(string $size): DroppedName => new DroppedName("KN-2208-BLK-{$size}.jpg"), [
            'S' => 'S',
            'L' => 'L',
        ]);
        $colors = new PictureColors(Srgb::fromHex('#ffffff'), 1.0, 0.4, [], null);
        $read = fn(array $same): array => (new DropReader(shoeShop()))->read($names, null, [
            'S' => new SeenPicture($colors, null, $same === [] ? [] : ['L']),
            'L' => new SeenPicture($colors, null, $same),
        ]);
        expect(array_map(fn(Verdict $verdict): array => $verdict->reach?->toArrays() ?? [], $read(['S'])))
            ->toBe(['S' => [[1 => [11]]], 'L' => [[1 => [11]]]])
            ->and($read(['S'])['L']->reasons)
            ->toContain('There is the same picture for another size: it shows none of them.')
            ->and($read([])['L']->reach?->toArrays())
            ->toBe([[1 => [11], 2 => [25]]])
            ->and($read([])['L']->reasons)
            ->toContain('There is another picture of the same for another size, so that this one is only for L.');
    },
);

it('says that a product does not come in a style of others', function (): void {
    expect(judged('smart_moss_front.jpg', null, 'TB-HAT')->doubtWords())
        ->toBe(['Brim hat does not come in Smart.'])
        ->and(judged('S_moss_front.jpg', null, 'TB-HAT')->doubtWords())
        ->toBe([]);
});

it('passes over small words between, which part no name of a color', function (): void {
    $verdict = judged('TB-HAT_moss de nuit_front.jpg');
    expect($verdict->doubtWords())
        ->toBe(['“nuit” means nothing here. If “moss nuit” is one name, the shop has only Moss.'])
        ->and(judged('robe de la TB-HAT_moss_front.jpg')->doubtWords())
        ->toBe(['“robe” means nothing here.']);
});

/** @return array<array-key, Verdict> of files of one drop, by their names */
function dropped(array $files, ?WordList $shop = null): array
{
    $names = array_combine(
        $files,
        array_map(function (string $path): DroppedName {
            $folder = dirname($path);

            return new DroppedName(basename($path), $folder === '.' ? '' : $folder);
        }, $files),
    );

    return (new DropReader($shop ?? smallShop()))->read($names);
}

it(
    'takes a word beside one color for a part of its name, however often it comes (royal blue was read as Blue at 0.95 where it came ten times)',
    function (int $times): void {
        $files = [];
        foreach (range(1, $times) as $at) {
            $files[] = "TB-HAT_royal-moss_front_{$at}.jpg";
            $files[] = "TB-HAT_clay_front_{$at}.jpg";
        }
        $verdicts = dropped($files);
        foreach ($verdicts as $file => $verdict) {
            $isRoyal = str_contains($file, 'royal');
            expect($verdict->isSure())->toBe(!$isRoyal, $file);
            if ($isRoyal) {
                expect($verdict->inWords())
                    ->toBe('likely')
                    ->and($verdict->doubtWords())
                    ->toBe(['“royal” means nothing here. If “royal moss” is one name, the shop has only Moss.']);
            }
        }
    },
)->with([1, 9, 12, 40]);

it('takes a word beside all colors for the sender’s own, which lowers nothing', function (): void {
    $files = [];
    foreach (['moss', 'clay'] as $color) {
        foreach (range(1, 8) as $at) {
            $files[] = "TB-HAT_{$color}_acme_front_{$at}.jpg";
        }
    }
    expect(array_filter(dropped($files), fn(Verdict $verdict): bool => !$verdict->isSure()))->toBe([]);
    // One that stands elsewhere in some names is the sender's as well.
    $files = array_map(fn(int $at): string => "acme_TB-HAT_moss_front_{$at}.jpg", range(1, 12));
    expect(array_filter(dropped($files), fn(Verdict $verdict): bool => !$verdict->isSure()))->toBe([]);
});

/** Shoes in black and petrol, sizes 1, 2, 3 and S, M, L, R being none of them. */
function shoeShop(): WordList
{
    $matrix = Matrix::of([
        new Axis(1, 'Color', AxisKind::Color, [new Value(11, 'Black', 'BLK'), new Value(12, 'Petrol', 'PTR')], true),
        new Axis(
            2,
            'Size',
            AxisKind::Size,
            [
                new Value(21, '1', '1'),
                new Value(22, '2', '2'),
                new Value(23, '3', '3'),
                new Value(24, 'S', 'S'),
                new Value(25, 'L', 'L'),
            ],
            false,
        ),
    ]);
    $list = new WordList();
    ViewWords::addTo($list, Core\Gallery\Views::usual());
    $list->addProduct(new KnownProduct(1, 'KN-2208', 'Ankle boot', $matrix));
    $list->add('KN-2208', Meaning::product(1, 'KN-2208'));
    foreach ($matrix->axes as $axis) {
        foreach ($axis->values as $value) {
            $list->add($value->label, Meaning::value($axis->id, $value->id, $value->label));
            $list->add($value->code, Meaning::value($axis->id, $value->id, $value->label));
        }
    }
    $sku = 0;
    foreach ($matrix->combinations() as $cell) {
        $code =
            'KN-2208-' .
            implode(
                '-',
                array_map(
                    fn(Axis $axis): string => $axis->value($cell->value($axis->id) ?? 0)->code ?? '',
                    $matrix->axes,
                ),
            );
        $list->add($code, Meaning::sku(1, ++$sku, $code));
        $list->addSku($sku, $cell);
    }

    return $list;
}

it(
    'takes numbers that run on behind one stem for shots, whatever sizes there are (the second was only for size 2)',
    function (array $files, array $places): void {
        $verdicts = dropped($files, shoeShop());
        foreach ($verdicts as $file => $verdict) {
            expect($verdict->reach?->toArrays())
                ->toBe([[1 => [11]]], $file)
                ->and($verdict->isSure())
                ->toBeTrue($file);
        }
        expect(array_values(array_map(fn(Verdict $verdict): ?int => $verdict->place, $verdicts)))->toBe($places);
    },
)->with([
    'behind a color' => [['KN-2208_black_1.jpg', 'KN-2208_black_2.jpg', 'KN-2208_black_3.jpg'], [1, 2, 3]],
    'in a folder' => [['KN-2208/black/0.jpg', 'KN-2208_black_0.jpg', 'KN-2208_black_1.jpg'], [0, 0, 1]],
    'as whole SKUs' => [['KN-2208-BLK-1.jpg', 'KN-2208-BLK-2.jpg'], [1, 2]],
    'letters' => [['KN-2208_black_a.jpg', 'KN-2208_black_b.jpg', 'KN-2208_black_c.jpg'], [1, 2, 3]],
    'behind a view' => [['KN-2208_black_front_1.jpg', 'KN-2208_black_front_2.jpg'], [1, 2]],
]);

it('leaves sizes sizes where nothing runs on from the first', function (): void {
    $verdicts = dropped(['KN-2208_black_front_2.jpg', 'KN-2208_black_front_3.jpg'], shoeShop());
    expect(array_values(array_map(fn(Verdict $verdict): array => $verdict->narrower, $verdicts)))->toBe([
        [2 => 22],
        [2 => 23],
    ]);
});

it(
    'reads letters behind colors as views where the drop uses several of them so (L beside R was a size)',
    function (): void {
        $verdicts = dropped(
            [
                'KN-2208_petrol_L.jpg',
                'KN-2208_petrol_R.jpg',
                'KN-2208_black_F.jpg',
                'KN-2208_black_B.jpg',
                'KN-2208_black_S.jpg',
            ],
            shoeShop(),
        );
        expect(array_map(fn(Verdict $verdict): ?string => $verdict->view?->key, array_values($verdicts)))
            ->toBe(['side', 'side', 'front', 'back', 'side'])
            ->and(array_map(fn(Verdict $verdict): array => $verdict->narrower, array_values($verdicts)))
            ->toBe([[], [], [], [], []]);
        // Beside sizes that no view is called by, they are sizes.
        $sizes = dropped(['KN-2208_petrol_L.jpg', 'KN-2208_petrol_M.jpg', 'KN-2208_petrol_R.jpg'], shoeShop());
        expect($sizes['KN-2208_petrol_L.jpg']->view)->toBeNull();
    },
);

it('passes over fingerprints, whose digits are no sizes', function (): void {
    $verdicts = dropped(['KN-2208_black_front_a3f9c2e1.jpg', 'KN-2208_black_back_9b3d0c7a2f.jpg'], shoeShop());
    foreach ($verdicts as $verdict) {
        expect($verdict->isSure())
            ->toBeTrue()
            ->and($verdict->narrower)
            ->toBe([])
            ->and($verdict->reach?->toArrays())
            ->toBe([[1 => [11]]]);
    }
});

it('passes over words of the trade, and knows more words for views', function (string $file, ?string $view): void {
    $verdict = dropped([$file])[$file];
    expect($verdict->isSure())->toBeTrue()->and($verdict->view?->key)->toBe($view);
})->with([
    ['TB-HAT_moss_front view.jpg', 'front'],
    ['TB-HAT moss hero shot.jpg', null],
    ['TB-HAT_moss_packshot_masked.jpg', null],
    ['TB-HAT_moss_ghost_hinten.jpg', 'back'],
    ['TB-HAT_moss_delante_main.jpg', 'front'],
    ['TB-HAT_moss_trasera.jpg', 'back'],
    ['TB-HAT_moss_vue de profil.jpg', 'side'],
    ['TB-HAT%20moss%20r%C3%BCckseite.jpg', 'back'],
    ["TB-HAT_moss_Ru\u{308}ckseite.jpg", 'back'],
]);

it(
    'fills in from the others only what a name lacks, not what it says otherwise (TB105 among TB104 became TB104 at 0.90)',
    function (string $file, string $doubt): void {
        $shop = shoeShop();
        $files = array_map(fn(int $at): string => "KN-2208_black_front_{$at}.jpg", range(1, 12));
        $verdict = dropped([...$files, $file], $shop)[$file];
        expect($verdict->confidence)->toBeLessThanOrEqual(0.5)->and($verdict->doubtWords())->toContain($doubt);
    },
)->with([
    ['KN-2209_black_1.jpg', '“KN-2209” looks like a code, and is not KN-2208.'],
    ['kn2280 petrol vorne.jpg', '“kn2280” looks like a code, and is not KN-2208.'],
]);

it(
    'holds a folder against the name: what they say differently, and words beside a color that are none (Black Friday was Black)',
    function (string $file, string $folder, float $most, string $doubt): void {
        $verdict = judged($file, null, $folder);
        expect($verdict->productId)
            ->toBe(2)
            ->and($verdict->confidence)
            ->toBeLessThanOrEqual($most)
            ->and($verdict->doubtWords())
            ->toBe($doubt === '' ? [] : [$doubt]);
    },
)->with([
    'another color' => ['TB-HAT_clay_front.jpg', 'Moss', 0.5, 'The folder says Moss, the name says Clay.'],
    'the same color' => ['TB-HAT_clay_front.jpg', 'autumn/Clay', 1.0, ''],
    'a word beside it' => [
        'TB-HAT_front.jpg',
        'Moss Friday',
        0.5,
        'The folder says “Moss” beside “Friday”: nobody knows whether that is Moss.',
    ],
    'a word beside it, and the name says which' => ['TB-HAT_clay_front.jpg', 'Moss Friday', 1.0, ''],
    'alone in its folder' => ['TB-HAT_front.jpg', 'Friday/Moss', 1.0, ''],
]);

it('lets the sender’s own word stand beside the color of every folder', function (): void {
    $files = [];
    foreach (['Moss', 'Clay'] as $color) {
        foreach (range(1, 8) as $at) {
            $files[] = "Marle {$color}/TB-HAT_front_{$at}.jpg";
        }
    }
    expect(array_filter(dropped($files), fn(Verdict $verdict): bool => !$verdict->isSure()))->toBe([]);
});

it('says of a word beside a size or a style only that it means nothing', function (): void {
    expect(judged('TB-SMOCK_qwop_smart_moss_front.jpg')->doubtWords())
        ->toBe(['“qwop” means nothing here.'])
        ->and(judged('TB-SMOCK_smart_qwop-moss_front.jpg')->doubtWords())
        ->toBe(['“qwop” means nothing here. If “qwop moss” is one name, the shop has only Moss.']);
});
