<?php

declare(strict_types=1);

use Core\Gallery\View;
use Core\Gallery\Views;
use Core\Matching\Cards\CardCode;
use Core\Matching\DropReader;
use Core\Matching\Names\DroppedName;
use Core\Matching\Names\KnownProduct;
use Core\Matching\Names\Meaning;
use Core\Matching\Names\WordList;
use Core\Matching\Shoots\CardRun;
use Core\Matching\Shoots\FoundCard;
use Core\Matching\Shoots\TakenPicture;
use Core\Matching\Shoots\TakingOrder;
use Core\Matching\Verdict;
use Core\Matrix\Combination;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Color\Samples;

const SEAL = 1_764_000_000;

/** The smock of the samples: Moss is 11, Clay 12; it wants a front and a back of each, and one size guide. */
function cardProduct(): KnownProduct
{
    $views = [View::usual('front'), View::usual('back'), View::usual('size guide')];

    return new KnownProduct(1, 'SMOCK', 'Smock', Samples::smock(['Moss', 'Clay'], ['S', 'M']), [], $views);
}

function foundCard(?int $color, ?string $view = null): FoundCard
{
    $part = Combination::of($color === null ? [] : [1 => $color]);
    $code = CardCode::read(CardCode::of(1, SEAL, $part, $view === null ? null : View::usual($view)));
    assert($code !== null);

    return FoundCard::of($code, cardProduct(), Views::usual()) ?? throw new LogicException('The smock has that value.');
}

/** @param  ?string  $time  on 1 December 2026 */
function taken(
    string $file,
    ?string $time = null,
    string $camera = 'Fernlens F2',
    ?FoundCard $card = null,
): TakenPicture {
    $at = $time === null ? null : "2026-12-01 {$time}";

    return new TakenPicture($file, '', $camera, $at, isCard: $card !== null, card: $card);
}

/**
 * @param  array<string, TakenPicture>  $pictures  by key
 * @return array<string, Verdict> by the same keys
 */
function readShoot(array $pictures): array
{
    $words = new WordList();
    $words->addProduct(cardProduct());
    foreach ([11 => 'Moss', 12 => 'Clay'] as $id => $name) {
        $words->add($name, Meaning::value(1, $id, $name));
    }
    $words->add('SMOCK', Meaning::product(1, 'SMOCK'));
    $words->add('OTHER', Meaning::product(2, 'OTHER'));

    return (new DropReader($words))->read(
        array_map(fn(TakenPicture $one): DroppedName => new DroppedName($one->file, $one->folder), $pictures),
        taken: $pictures,
    );
}

test('a code is read as just what it was made for, and by the product alone', function () {
    $random = new Randomizer(new Mt19937(5));
    for ($try = 0; $try < 400; $try++) {
        $part = [];
        for ($axis = $random->getInt(0, 6); $axis > 0; $axis--) {
            $part[$axis] = $random->getInt(1, 9_000_000);
        }
        $view = [null, ...Views::usual()->all][$random->getInt(0, 10)];
        $id = $random->getInt(1, 2_000_000_000);
        $seal = $random->getInt(1, 4_000_000_000);
        $text = CardCode::of($id, $seal, Combination::of($part), $view);
        $code = CardCode::read($text);
        expect($code?->productId)
            ->toBe($id)
            ->and($code?->viewKey)
            ->toBe($view->key ?? '');
        expect($code?->valueIds)
            ->toBe(array_values(Combination::of($part)->values))
            ->and($code?->isOf($seal))
            ->toBeTrue()
            ->and(strlen($text))
            ->toBeLessThan(80)
            // What a QR code takes for letters and digits: ISO/IEC 18004, table 5.
            ->and($text)
            ->toMatch('~^[0-9A-Z $%*+./:-]+$~');
    }
});

test('one wrong sign, or two that have changed places, are no code of ours', function () {
    $text = CardCode::of(48, SEAL, Combination::of([1 => 87, 2 => 128]), View::usual('front'));
    $signs = str_split('0123456789ABCDEFGHIJKLMNOPQRSTUVWXYZ/-');
    $taken = 0;
    for ($at = 0; $at < strlen($text); $at++) {
        foreach ($signs as $sign) {
            $wrong = substr_replace($text, $sign, $at, 1);
            $taken += $wrong !== $text && CardCode::read($wrong)?->isOf(SEAL) ? 1 : 0;
        }
        $turned = substr($text, 0, $at) . strrev(substr($text, $at, 2)) . substr($text, $at + 2);
        $taken += $turned !== $text && CardCode::read($turned)?->isOf(SEAL) ? 1 : 0;
    }
    expect($taken)
        ->toBe(0)
        ->and(CardCode::read('https://thrumbury.example/1'))
        ->toBeNull()
        ->and(CardCode::read(''))
        ->toBeNull()
        ->and(CardCode::read('SLATE/ZZZZZZZZZZZZZZZZZZ//11'))
        ->toBeNull();
});

test('the card of another shop is not taken for one of ours', function () {
    $ours = 0;
    for ($seal = SEAL; $seal < SEAL + 500; $seal++) {
        $theirs = CardCode::of(48, $seal + 7_777_777, Combination::of([1 => 87]));
        $ours += CardCode::read($theirs)?->isOf($seal) ? 1 : 0;
    }
    // One in 97 by chance.
    expect($ours)->toBeLessThan(12);
});

test('pictures follow one another by the clock of their camera', function () {
    $order = TakingOrder::of([
        'c' => taken('DSC_0001.jpg', '10:00:00.500000'),
        'a' => taken('DSC_0009.jpg', '09:59:59.000000'),
        'b' => taken('DSC_0008.jpg', '10:00:00.000000'),
        'x' => taken('IMG_1.jpg', '09:00:00.000000', 'Another'),
    ]);
    expect($order)->toBe(['camera Fernlens F2' => ['a', 'b', 'c'], 'camera Another' => ['x']]);
});

test('without a clock they follow one another by number, past the last number of a camera', function () {
    $name = fn(string $file): TakenPicture => new TakenPicture($file);
    expect(TakingOrder::of(['b' => $name('IMG_10.jpg'), 'a' => $name('IMG_9.jpg')]))
        ->toBe(['folder ' => ['a', 'b']])
        ->and(
            TakingOrder::of([
                'c' => $name('IMG_0001.jpg'),
                'd' => $name('IMG_0002.jpg'),
                'a' => $name('IMG_9998.jpg'),
                'b' => $name('IMG_9999.jpg'),
            ]),
        )
        ->toBe(['folder ' => ['a', 'b', 'c', 'd']])
        ->and(
            TakingOrder::of([
                'b' => new TakenPicture('front.jpg', changedMs: 2_000),
                'a' => new TakenPicture('worn.jpg', changedMs: 1_000),
            ]),
        )
        ->toBe(['folder ' => ['a', 'b']]);
});

test('a card stands for what its camera takes until the next card', function () {
    $runs = CardRun::in([
        'before' => taken('1.jpg', '10:00:00'),
        'moss' => taken('2.jpg', '10:00:01', card: foundCard(11)),
        'm1' => taken('3.jpg', '10:00:02'),
        'other' => taken('4.jpg', '10:00:02', 'Another'),
        'm2' => taken('5.jpg', '10:00:03'),
        'clay' => taken('6.jpg', '10:00:04', card: foundCard(12)),
        'c1' => taken('7.jpg', '10:00:05'),
        'theirs' => new TakenPicture('8.jpg', '', 'Fernlens F2', '2026-12-01 10:00:06', isCard: true),
        'unknown' => taken('9.jpg', '10:00:07'),
    ]);
    expect(array_map(fn(CardRun $run): array => [$run->card->words, $run->keys], $runs))->toBe([
        ['Smock, Moss', ['m1', 'm2']],
        ['Smock, Clay', ['c1']],
    ]);
});

test('what was taken after a card is surely of it, with the view that its order tells likely', function () {
    $read = readShoot([
        'card' => taken('DSC_0001.jpg', '10:00:00', card: foundCard(11)),
        'one' => taken('DSC_0002.jpg', '10:00:01'),
        'two' => taken('DSC_0003.jpg', '10:00:02'),
        'next' => taken('DSC_0004.jpg', '10:00:03', card: foundCard(12)),
        'three' => taken('DSC_0005.jpg', '10:00:04'),
        'guide' => taken('DSC_0006.jpg', '10:00:05', card: foundCard(12, 'back')),
        'four' => taken('DSC_0007.jpg', '10:00:06'),
    ]);
    expect($read['one']->reach?->toArrays())
        ->toBe([[1 => [11]]])
        ->and($read['one']->view?->key)
        ->toBe('front')
        ->and($read['two']->view?->key)
        ->toBe('back')
        ->and($read['two']->inWords())
        ->toBe('likely')
        ->and($read['two']->reasons)
        ->toBe(['It was taken after the slate card of Smock, Moss.'])
        // One picture where two views are wanted: which it is nobody knows.
        ->and($read['three']->reach?->toArrays())
        ->toBe([[1 => [12]]])
        ->and($read['three']->view)
        ->toBeNull()
        ->and($read['three']->confidence)
        ->toBe(0.99)
        ->and($read['four']->view?->key)
        ->toBe('back')
        ->and($read['four']->confidence)
        ->toBe(0.99);
});

test('a name that says otherwise than the card is in doubt, and a person is believed', function () {
    $pictures = [
        'card' => taken('DSC_0001.jpg', '10:00:00', card: foundCard(11)),
        'clay' => taken('clay_0002.jpg', '10:00:01'),
        'moss' => taken('SMOCK_moss_0003.jpg', '10:00:02'),
        'other' => taken('OTHER_0004.jpg', '10:00:03'),
    ];
    $read = readShoot($pictures);
    expect($read['clay']->confidence)
        ->toBe(0.5)
        ->and($read['clay']->doubtWords())
        ->toBe(['The name says Clay, the card before it Moss.'])
        ->and($read['moss']->isSure())
        ->toBeTrue()
        ->and($read['other']->confidence)
        ->toBe(0.5)
        ->and($read['other']->doubtWords())
        ->toContain('“OTHER” is another product.');
});
