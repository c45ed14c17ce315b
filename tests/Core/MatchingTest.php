<?php

declare(strict_types=1);

use Core\Gallery\View;
use Core\Gallery\Views;
use Core\Matching\DroppedName;
use Core\Matching\DropReader;
use Core\Matching\Exactness;
use Core\Matching\KnownProduct;
use Core\Matching\Meaning;
use Core\Matching\NamePart;
use Core\Matching\NameParts;
use Core\Matching\Verdict;
use Core\Matching\ViewWords;
use Core\Matching\WordList;
use Core\Matrix\Axis;
use Core\Matrix\AxisKind;
use Core\Matrix\Combination;
use Core\Matrix\Matrix;
use Core\Matrix\Value;
use Core\Text\WordForms;
use Tests\Core\RandomShop;
use Tests\Core\Samples;

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
    $smock = Matrix::of([new Axis(1, 'Color', AxisKind::Color, $colors, true), new Axis(2, 'Size', AxisKind::Size, $sizes, false), new Axis(3, 'Style', AxisKind::Other, $styles, true)]);
    $hat = Matrix::of([new Axis(1, 'Color', AxisKind::Color, [$colors[0], $colors[1]], true)]);
    foreach ([new KnownProduct(1, 'TB-SMOCK', 'Potting smock', $smock), new KnownProduct(2, 'TB-HAT', 'Brim hat', $hat)] as $product) {
        $list->addProduct($product);
        $list->add($product->code, Meaning::product($product->id, $product->code));
        $list->add($product->name, Meaning::product($product->id, $product->name));
    }
    foreach ([[1, 'TB-SMOCK-MSS-M-BTT', '2000000000015', [1 => 11, 2 => 22, 3 => 32]], [2, 'TB-SMOCK-MSS-L-BTT', '2000000000022', [1 => 11, 2 => 23, 3 => 32]]] as [$id, $code, $gtin, $cell]) {
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

it('takes a name apart at separators, at changes of case, and between letters and digits', function (string $name, array $parts): void {
    expect(array_map(fn (NamePart $part): string => $part->text, NameParts::of($name)))->toBe($parts);
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
})->with([['Grün', ['grun', 'gruen']], ['Weiß', ['weiss']], ['Nørre', ['norre', 'noerre']], ['Crème brûlée', ['cremebrulee']], ['Moss', ['moss']], ['–', []]]);

it('reads clear names fully', function (string $file, array $reach, ?View $view, float $confidence): void {
    $verdict = judged($file);
    expect($verdict->productId)->toBe(1)->and($verdict->reach?->toArrays())->toBe($reach)->and($verdict->view)->toBe($view)->and($verdict->confidence)->toBe($confidence)->and($verdict->doubtWords())->toBe([])->and($verdict->isSure())->toBeTrue();
})->with([
    'code, color, style, view' => ['TB-SMOCK_MSS_buttoned_front.jpg', [[1 => [11], 3 => [32]]], View::usual('front'), 0.95],
    'a SKU stands for its picture axes' => ['TB-SMOCK-MSS-M-BTT_02.jpg', [[1 => [11], 3 => [32]]], null, 0.95 + 0.04],
    'a GTIN with a suffix' => ['2000000000015 vorne.jpg', [[1 => [11], 3 => [32]]], View::usual('front'), 0.99],
    'words in any order, of more than one word' => ['back deep slate smart potting smock.jpg', [[1 => [13], 3 => [31]]], View::usual('back'), 0.95],
    'a translation and noise' => ['TB-SMOCK gruen BTT Rückseite final 1600px (3) copy.jpg', [[1 => [11], 3 => [32]]], View::usual('back'), 0.90],
    'a code that fits two axes, settled by the rest' => ['TB-SMOCK_clay_M_S_front.jpg', [[1 => [12], 3 => [31]]], View::usual('front'), 0.95],
    'a size guide is for all' => ['TB-SMOCK size chart.jpg', [[]], View::usual('size guide'), 0.95],
]);

it('says what is wrong with a name that sets a trap', function (string $file, string $doubt, float $most, ?int $productId): void {
    $verdict = judged($file);
    expect(implode(' ', $verdict->doubtWords()))->toContain($doubt)->and($verdict->confidence)->toBeLessThanOrEqual($most)->and($verdict->isSure())->toBeFalse()->and($verdict->productId)->toBe($productId);
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
    expect($verdict->productId)->toBe(1)->and($verdict->confidence)->toBe(0.75)->and($verdict->reach?->toArrays())->toBe([[1 => [11], 3 => [32]]])
        ->and($verdict->reasons[0])->toBe('“TB SMCOK” is a letter away from TB-SMOCK, Potting smock.')
        ->and($verdict->inWords())->toBe('likely');
});

it('considers only a product that is given, and says where the name disagrees', function (): void {
    expect(judged('moss_front.jpg', 2)->isSure())->toBeTrue()
        ->and(judged('moss_front.jpg', 2)->reach?->toArrays())->toBe([[1 => [11]]])
        ->and(judged('TB-SMOCK_moss_front.jpg', 2)->doubtWords())->toBe(['“TB SMOCK” is Potting smock.'])
        ->and(judged('deep slate.jpg', 2)->doubtWords())->toBe(['Brim hat does not come in Deep slate.']);
});

it('lets a folder say what the name leaves open, and no more', function (): void {
    expect(judged('01_front.jpg', null, 'TB-HAT/Moss')->reach?->toArrays())->toBe([[1 => [11]]])
        ->and(judged('clay_front.jpg', null, 'TB-HAT/Moss')->reach?->toArrays())->toBe([[1 => [12]]])
        ->and(judged('clay_front.jpg', null, 'TB-HAT/Moss')->doubtWords())->toBe([]);
});

it('narrows to a size only where the same picture is there for another', function (): void {
    $read = fn (array $files): array => array_map(fn (Verdict $verdict): array => $verdict->reach?->toArrays() ?? [], (new DropReader(smallShop()))->read(array_map(fn (string $file): DroppedName => new DroppedName($file), $files)));
    expect($read(['TB-SMOCK-MSS-M-BTT_front.jpg', 'TB-SMOCK-MSS-L-BTT_back.jpg']))->toBe([[[1 => [11], 3 => [32]]], [[1 => [11], 3 => [32]]]])
        ->and($read(['TB-SMOCK-MSS-M-BTT_front.jpg', 'TB-SMOCK-MSS-L-BTT_front.jpg']))->toBe([[[1 => [11], 2 => [22], 3 => [32]]], [[1 => [11], 2 => [23], 3 => [32]]]]);
});

it('lets what many names have in common explain the one that lacks it', function (): void {
    $names = array_map(fn (int $at): DroppedName => new DroppedName("Thrumbury TB-HAT moss {$at}.jpg"), range(1, 10));
    $names['tenth'] = new DroppedName('Thrumbury clay front.jpg');
    $names['elsewhere'] = new DroppedName('Thrumbury clay front.jpg', 'other');
    $verdicts = (new DropReader(smallShop()))->read($names);
    expect($verdicts[0]->isSure())->toBeTrue()->and($verdicts['tenth']->productId)->toBe(2)->and($verdicts['tenth']->confidence)->toBe(0.90)
        ->and($verdicts['tenth']->reasons)->toContain('The others beside it are all of Brim hat.')
        ->and($verdicts['elsewhere']->productId)->toBeNull();
    // Eight are no habit.
    expect((new DropReader(smallShop()))->read([...array_slice($names, 0, 8), 'tenth' => new DroppedName('clay front.jpg')])['tenth']->productId)->toBeNull();
});

it('is never wrong where it is sure, reads nine of ten clear names fully, and names each trap, whatever words and habits are drawn', function (int $seed): void {
    $random = Samples::random($seed);
    $shop = new RandomShop($random);
    $names = $truth = $traps = [];
    for ($at = 0; $at < 250; $at++) {
        $drawn = $shop->clear($random->getInt(0, 5));
        $names["clear {$at}"] = array_shift($drawn);
        $truth["clear {$at}"] = $drawn;
    }
    for ($at = 0; $at < 50; $at++) {
        [$names["trap {$at}"], $traps["trap {$at}"]] = $shop->trap($at);
    }
    $verdicts = (new DropReader($shop->words))->read($names);
    $wrong = $full = 0;
    foreach ($truth as $key => [$productId, $colorId, $view]) {
        $verdict = $verdicts[$key];
        $isRight = $verdict->productId === $productId && array_column($verdict->reach?->toArrays() ?? [], 1) === [[$colorId]] && $verdict->view === $view;
        $wrong += $verdict->isSure() && ! $isRight ? 1 : 0;
        $full += $verdict->isSure() && $isRight ? 1 : 0;
    }
    expect($wrong)->toBe(0)->and($full / count($truth))->toBeGreaterThanOrEqual(0.9);
    foreach ($traps as $key => $says) {
        expect($verdicts[$key]->isSure())->toBeFalse($names[$key]->file)->and(implode(' ', $verdicts[$key]->doubtWords()))->toContain($says);
    }
})->with(range(1, 20));
