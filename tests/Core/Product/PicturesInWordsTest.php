<?php

declare(strict_types=1);

use Core\Gallery\AltTexts\AltCheck;
use Core\Gallery\AltTexts\AltFault;
use Core\Gallery\AltTexts\AltText;
use Core\Gallery\AltTexts\UnreadablePattern;
use Core\Gallery\ContactSheet;
use Core\Gallery\Galleries;
use Core\Gallery\PictureAxes;
use Core\Gallery\PictureAxis;
use Core\Gallery\Placement;
use Core\Gallery\Roles\Role;
use Core\Gallery\Strip;
use Core\Gallery\UnknownView;
use Core\Gallery\View;
use Core\Gallery\Views;
use Core\Matching\AskedPicture;
use Core\Matrix\Axis;
use Core\Matrix\Matrix;
use Core\Product\Description;
use Core\Reach\Clause;
use Core\Reach\Reach;
use Tests\Core\Color\Samples;

/**
 * @param  list<Placement>  $placements
 * @return list<Strip>
 */
function stripsOf(Matrix $matrix, array $placements): array
{
    return ContactSheet::of(
        $matrix,
        $matrix->offered(),
        $placements,
        new Galleries($matrix, $matrix->offered(), $placements),
    )->strips;
}

it('fills a pattern and leaves out what has nothing to say', function (
    string $pattern,
    Reach $reach,
    ?string $view,
    string $text,
): void {
    $placement = Samples::placement(1, $reach, $view === null ? null : View::usual($view));
    expect((new AltText($pattern))->of($placement, 'Potting smock', Samples::smock(), 'Thrumbury'))->toBe($text);
})->with([
    'all of it' => [
        '{brand} {product}: {view}, {values}',
        Reach::of(Clause::of([1 => [11]])),
        'front',
        'Thrumbury Potting smock: front, Moss',
    ],
    'brackets with nothing' => [
        '{view} of {product}[ in {values}]',
        Reach::everything(),
        'size guide',
        'size guide of Potting smock',
    ],
    'brackets with something' => [
        '{view} of {product}[ in {values}]',
        Reach::of(Clause::of([1 => [11, 12]])),
        'back',
        'back of Potting smock in Moss and Clay',
    ],
    'no view' => ['{product}, {view}, {values}', Reach::of(Clause::of([1 => [13]])), null, 'Potting smock, Slate'],
    'nothing but the product' => ['{product}, {values}, {view}', Reach::everything(), null, 'Potting smock'],
]);

it('refuses a pattern that says the same of every picture, or what nobody knows', function (string $pattern): void {
    expect(fn() => new AltText($pattern))->toThrow(UnreadablePattern::class);
})->with(['A picture', '{produkt}', '{view} {}', '']);

it('mends every text that can be mended: none twice in a gallery, none too long', function (int $seed): void {
    $random = Samples::random($seed);
    $matrix = Samples::smock();
    $typed = [
        '',
        '',
        'Front',
        'front ',
        'A smock',
        str_repeat('word ', 40),
        str_repeat('x', 160),
        str_repeat('word ', 40),
    ];
    $placements = [];
    $texts = $made = [];
    foreach (range(1, $random->getInt(2, 9)) as $id) {
        $placements[] = $placement = Samples::placement(
            $id,
            Reach::of(
                Clause::of([
                    Samples::COLOR => array_slice($random->shuffleArray([11, 12, 13]), 0, $random->getInt(1, 3)),
                ]),
            ),
            View::usual(['front', 'back'][$random->getInt(0, 1)]),
        );
        $made[$id] = (new AltText())->of($placement, 'Smock', $matrix);
        $text = $typed[$random->getInt(0, 7)];
        $texts[$id] = $text === '' ? $made[$id] : $text;
    }
    $strips = stripsOf($matrix, $placements);
    $mended = (new AltCheck($strips, $texts, $made, 'Smock'))->proposals() + $texts;
    // Held against the strips by themselves, not by the check.
    foreach ($strips as $strip) {
        $own = array_map(fn(int $id): string => mb_strtolower(trim($mended[$id])), array_keys($strip->shownBy));
        expect($own)->toBe(array_values(array_unique($own)));
    }
    expect(max(array_map(mb_strlen(...), $mended)))->toBeLessThanOrEqual(125);
    foreach ((new AltCheck($strips, $mended, $made, 'Smock'))->faults() as $faults) {
        expect($faults)->toBe([AltFault::Gap]);
    }
    $good = array_diff_key($texts, (new AltCheck($strips, $texts, $made, 'Smock'))->faults());
    expect(array_intersect_key($mended, $good))->toEqual($good);
})->with(range(1, 100));

it('proposes the axes by which pictures are linked, not those of a single exception', function (
    array $reaches,
    array $proposed,
): void {
    $matrix = Samples::smock(styles: ['Buttoned', 'Pullover']);
    $placements = array_map(
        fn(int $at, array $clause): Placement => Samples::placement(
            $at + 1,
            Reach::of(Clause::of($clause)),
            View::usual('front'),
        ),
        array_keys($reaches),
        $reaches,
    );
    $placements[] = Samples::placement(90, Reach::of(Clause::of([Samples::SIZE => [21]])), View::usual('size guide'));
    $found = PictureAxes::of($matrix, $placements);
    expect(
        array_map(
            fn(PictureAxis $one): string => $one->axis->name,
            array_values(array_filter($found, fn(PictureAxis $one): bool => $one->isProposed)),
        ),
    )->toBe($proposed);
})->with([
    'by color' => [[[1 => [11]], [1 => [12]], [1 => [13]]], ['Color']],
    'by color and style, one of a size' => [
        [[1 => [11], 3 => [31]], [1 => [12], 3 => [31]], [1 => [13], 3 => [32]], [1 => [11]], [1 => [11], 2 => [24]]],
        ['Color', 'Style'],
    ],
    'for all' => [[[]], []],
    'nothing linked: as it is' => [[], ['Color', 'Style']],
]);

it('sets picture axes and no other thing of a matrix', function (): void {
    $matrix = Samples::smock();
    $sized = PictureAxes::chosen($matrix, [Samples::SIZE]);
    expect(array_map(fn(Axis $axis): string => $axis->name, $sized->pictureAxes()))
        ->toBe(['Size'])
        ->and($sized->offered())
        ->toEqual($matrix->offered())
        ->and(PictureAxes::chosen($sized, [Samples::COLOR]))
        ->toEqual($matrix);
});

it('asks for pictures under names that a file system takes', function (): void {
    $asked = new AskedPicture(
        1,
        Reach::everything(),
        new View('top', 'top', words: ['top view', 'from above']),
        'TB/SMOCK: M*2',
        '2000000000015',
    );
    expect($asked->names())->toBe([
        'TB-SMOCK-M-2_top-view',
        'TB-SMOCK-M-2_from-above',
        '2000000000015_top-view',
        '2000000000015_from-above',
    ]);
});

it('keeps the usual views apart: no word means two of them, and each is found by its key', function (): void {
    $words = array_merge(
        ...array_map(fn(View $view): array => [...$view->words, ...$view->looseWords], Views::usual()->all),
    );
    expect($words)
        ->toBe(array_values(array_unique($words)))
        ->and(Views::usual()->find('sole'))
        ->toBeNull()
        ->and(Views::usual()->find(null))
        ->toBeNull()
        ->and(Views::usual()->place(View::usual('back')))
        ->toBe(1)
        ->and(Views::usual()->place(null))
        ->toBe(count(Views::usual()->all))
        ->and(fn() => View::usual('nosuch'))
        ->toThrow(UnknownView::class)
        ->and(View::usual('size guide')->label())
        ->toBe('Size guide')
        ->and((new View('öse', 'öse'))->label())
        ->toBe('Öse');
});

it('leads with a still whatever carries the role', function (): void {
    $matrix = Samples::smock();
    $film = new Placement(
        1,
        'turn.mp4',
        Reach::everything(),
        Reach::nothing(),
        View::usual('turned'),
        [Role::Lead, Role::Card, Role::Share, Role::Guide],
        isStill: false,
    );
    $still = Samples::placement(2, Reach::everything(), View::usual('front'));
    $gallery = (new Galleries($matrix, $matrix->offered(), [$film, $still]))->of($matrix->offered()[0]);
    expect($gallery->lead()?->id)
        ->toBe(2)
        ->and($gallery->role(Role::Card)->placement()?->id)
        ->toBe(2)
        ->and($gallery->role(Role::Hover)->placement())
        ->toBeNull()
        ->and($gallery->role(Role::Guide)->placement()?->id)
        ->toBe(1)
        ->and((new Galleries($matrix, $matrix->offered(), [$film]))->of($matrix->offered()[0])->lead())
        ->toBeNull();
});

it('finds the pictures within a description', function (string $text, array $parts, string $plain): void {
    expect((new Description($text))->parts())->toBe($parts)->and((new Description($text))->plain())->toBe($plain);
})->with([
    ['', [], ''],
    ['Wide sleeves.', ['Wide sleeves.'], 'Wide sleeves.'],
    ["One.\n[picture 3]\nTwo. [picture 4]", ['One.', 3, 'Two.', 4], "One.\nTwo."],
    ['[picture 3]', [3], ''],
    [
        '[picture] [picture -1] [Picture 3]',
        ['[picture] [picture -1] [Picture 3]'],
        '[picture] [picture -1] [Picture 3]',
    ],
]);
