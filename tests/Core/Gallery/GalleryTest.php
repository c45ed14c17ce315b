<?php

declare(strict_types=1);

use Core\Gallery\AltTexts\AltText;
use Core\Gallery\Coverage\Cover;
use Core\Gallery\Coverage\Coverage;
use Core\Gallery\Coverage\CoverageCell;
use Core\Gallery\Coverage\ShotList;
use Core\Gallery\Entry;
use Core\Gallery\Galleries;
use Core\Gallery\Opening;
use Core\Gallery\Placement;
use Core\Gallery\Roles\Ground;
use Core\Gallery\Roles\Role;
use Core\Gallery\Sequence\Order;
use Core\Gallery\View;
use Core\Gallery\Views;
use Core\Matrix\Combination;
use Core\Matrix\Matrix;
use Core\Reach\Reach;
use Tests\Core\Color\Samples;

/** @param  list<Placement>  $placements */
function galleries(Matrix $matrix, array $placements, ?Combination $opening = null): Galleries
{
    $made = $matrix->inOrder($matrix->offered());

    return new Galleries(
        $matrix,
        $made,
        $placements,
        $opening === null ? null : new Opening($matrix, $made, chosen: $opening),
    );
}

/** @return list<Placement> four pictures for each color, one size guide for all, one for a single SKU */
function smockPictures(): array
{
    $placements = [];
    foreach ([11, 12, 13] as $at => $color) {
        foreach (
            [View::usual('front'), View::usual('back'), View::usual('worn'), View::usual('detail')]
            as $place => $view
        ) {
            $placements[] = Samples::placement(
                $at * 10 + $place,
                Reach::fromArrays([[1 => [$color]]]),
                $view,
                $place === 0 ? [Role::Lead] : [],
            );
        }
    }
    $placements[] = Samples::placement(90, Reach::everything(), View::usual('size guide'));

    return $placements;
}

it('shows each SKU its color’s four pictures and the guide: 13 placements serve 12 SKUs', function (): void {
    $galleries = galleries(Samples::smock(), smockPictures());
    expect($galleries->all())->toHaveCount(12);
    foreach ($galleries->all() as $key => $gallery) {
        $first = (Combination::fromKey($key)->value(1) - 11) * 10;
        expect($gallery->placementIds())
            ->toBe([$first, $first + 1, $first + 2, $first + 3, 90])
            ->and($gallery->role(Role::Lead)->placement()?->id)
            ->toBe($first)
            ->and($gallery->role(Role::Guide)->placement()?->id)
            ->toBe(90);
    }
});

it('lets the picture of a single SKU outrank the color’s Lead there, and says over which rival', function (): void {
    $own = Samples::placement(99, Reach::fromArrays([[1 => [11], 2 => [24]]]), View::usual('front'), [Role::Lead]);
    $matrix = Samples::smock();
    $galleries = galleries($matrix, [...smockPictures(), $own]);
    $there = $galleries->of(Combination::of([1 => 11, 2 => 24]));
    expect($there->placementIds())
        ->toBe([0, 1, 2, 3, 90, 99])
        ->and($there->lead()?->id)
        ->toBe(99)
        ->and(array_map(fn(Entry $entry): int => $entry->placement->id, $there->leadFirst()))
        ->toBe([99, 0, 1, 2, 3, 90])
        ->and($there->role(Role::Lead)->reason($matrix))
        ->toBe('Assigned for Moss, XL; narrower than or before p0.jpg (Moss).')
        ->and($there->role(Role::Lead)->briefly($matrix))
        ->toBe('for Moss, XL')
        ->and($there->role(Role::Card)->briefly($matrix))
        ->toBe('as the Lead')
        ->and($there->role(Role::Guide)->briefly($matrix))
        ->toBe('as the size guide')
        ->and($there->role(Role::Swatch)->briefly($matrix))
        ->toBe('')
        ->and($galleries->of(Combination::of([1 => 11, 2 => 23]))->lead()?->id)
        ->toBe(0)
        ->and($galleries->of(Combination::of([1 => 11, 2 => 23]))->placementIds())
        ->not->toContain(99);
});

it('ranks rivals by axes named, then by fewest made cells, then by order', function (
    array $clausesA,
    array $clausesB,
    int $winner,
): void {
    $matrix = Samples::smock();
    $galleries = galleries($matrix, [
        Samples::placement(1, Reach::fromArrays($clausesA), null, [Role::Card]),
        Samples::placement(2, Reach::fromArrays($clausesB), null, [Role::Card]),
    ]);
    expect($galleries->of(Combination::of([1 => 11, 2 => 21]))->role(Role::Card)->placement()?->id)->toBe($winner);
})->with([
    'more axes' => [[[1 => [11]]], [[1 => [11], 2 => [21, 22, 23]]], 2],
    'a color of 4 cells before a size of 3' => [[[1 => [11]]], [[2 => [21]]], 2],
    'fewer cells' => [[[1 => [11, 12]]], [[1 => [11]]], 2],
    'the earlier one' => [[[1 => [11]]], [[1 => [11]]], 1],
    'through its narrowest clause' => [[[1 => [11]]], [[2 => [22]], [1 => [11], 2 => [21]]], 2],
]);

it('falls back as the rules say', function (array $placements, Role $role, ?int $id, Ground $ground): void {
    $gallery = galleries(Samples::smock(), $placements)->of(Combination::of([1 => 11, 2 => 21]));
    expect($gallery->role($role)->placement()?->id)
        ->toBe($id)
        ->and($gallery->role($role)->ground)
        ->toBe($ground);
})->with(function (): array {
    $all = Reach::everything();
    $film = new Placement(1, 'film.mp4', $all, Reach::nothing(), null, [], '', false);
    $front = Samples::placement(2, $all, View::usual('front'));
    $back = Samples::placement(3, $all, View::usual('back'));
    $guide = Samples::placement(4, $all, View::usual('size guide'));
    $detail = Samples::placement(5, $all, View::usual('detail'));

    return [
        'Lead: first still' => [[$film, $front], Role::Lead, 2, Ground::FirstPicture],
        'Lead: none' => [[$film], Role::Lead, null, Ground::None],
        'Card: the Lead' => [[$film, $front], Role::Card, 2, Ground::AsLead],
        'Share: the Lead' => [[$front], Role::Share, 2, Ground::AsLead],
        'Hover: first back' => [[$front, $guide, $back], Role::Hover, 3, Ground::BackView],
        'Lead: never a guide while there is another still' => [[$guide, $front], Role::Lead, 2, Ground::FirstPicture],
        'Lead: the guide where there is no other' => [[$film, $guide], Role::Lead, 4, Ground::OnlyGuide],
        'Hover: another picture, no guide' => [[$front, $guide, $detail], Role::Hover, 5, Ground::OtherPicture],
        'Hover: not the back that is Card already' => [[$back, $front], Role::Hover, 2, Ground::OtherPicture],
        'Hover: none' => [[$front, $guide], Role::Hover, null, Ground::None],
        'Guide: first size guide' => [[$front, $guide], Role::Guide, 4, Ground::SizeGuideView],
        'Guide: none' => [[$front], Role::Guide, null, Ground::None],
        'Swatch: the value’s own' => [[$front], Role::Swatch, null, Ground::None],
    ];
});

it('hides from a gallery without unlinking; hidden can be the Card, not the Lead', function (): void {
    $cell = Combination::of([1 => 11, 2 => 21]);
    $placements = [
        Samples::placement(1, Reach::everything(), null, [Role::Lead, Role::Card], Reach::fromArrays([[1 => [11]]])),
        Samples::placement(2, Reach::everything()),
    ];
    $gallery = galleries(Samples::smock(), $placements)->of($cell);
    expect($gallery->placementIds())
        ->toBe([2])
        ->and($gallery->hidden[0]->placement->id)
        ->toBe(1)
        ->and($gallery->lead()?->id)
        ->toBe(2)
        ->and($gallery->role(Role::Card)->placement()?->id)
        ->toBe(1)
        ->and(galleries(Samples::smock(), $placements)->of(Combination::of([1 => 12, 2 => 21]))->lead()?->id)
        ->toBe(1);
});

it('shows a picture linked to no value for all', function (): void {
    // Common practice, no source.
    $galleries = galleries(Samples::smock(), [Samples::placement(1, Reach::everything())]);
    expect(
        array_unique(array_map(fn($gallery): array => $gallery->placementIds(), $galleries->all()), SORT_REGULAR),
    )->toBe(['1:11,2:21' => [1]]);
});

it('answers partial choices', function (array $choice, array $ids): void {
    $own = Samples::placement(99, Reach::fromArrays([[1 => [11], 2 => [24]]]));
    $opening = Combination::of([1 => 12, 2 => 21]);
    $leftOut = Reach::fromArrays([[1 => [13], 2 => [21]]]);
    expect(
        galleries(Samples::smock(leftOut: $leftOut), [...smockPictures(), $own], $opening)
            ->forChoice(Combination::of($choice))
            ->placementIds(),
    )->toBe($ids);
})->with([
    'nothing: the opening SKU’s' => [[], [10, 11, 12, 13, 90]],
    'a color: what covers all its sizes' => [[1 => 11], [0, 1, 2, 3, 90]],
    'a size: the opening color in that size' => [[2 => 24], [10, 11, 12, 13, 90]],
    'all' => [[1 => 11, 2 => 24], [0, 1, 2, 3, 90, 99]],
    'left out: seen as its color' => [[1 => 13, 2 => 21], [20, 21, 22, 23, 90]],
]);

it('shows what covers any where nothing covers all', function (): void {
    $placements = array_slice(smockPictures(), 0, 8);
    expect(
        galleries(Samples::smock(), [
            ...$placements,
            Samples::placement(50, Reach::fromArrays([[1 => [11], 2 => [21]]])),
            Samples::placement(51, Reach::fromArrays([[1 => [11], 2 => [22]]])),
        ])
            ->forChoice(Combination::of([1 => 13]))
            ->placementIds(),
    )->toBe([]);
    $bySize = [
        Samples::placement(50, Reach::fromArrays([[1 => [11], 2 => [21]]])),
        Samples::placement(51, Reach::fromArrays([[1 => [11], 2 => [22]]])),
    ];
    expect(galleries(Samples::smock(), $bySize)->forChoice(Combination::of([1 => 11]))->placementIds())->toBe([50, 51]);
});

it('is never empty before a choice while any picture is linked', function (): void {
    $placements = [Samples::placement(1, Reach::fromArrays([[1 => [13], 2 => [24]]]))];
    expect(
        galleries(Samples::smock(), $placements, Combination::of([1 => 11, 2 => 21]))
            ->forChoice(Combination::of([]))
            ->placementIds(),
    )->toBe([1]);
    $leftOut = Samples::smock(leftOut: Reach::fromArrays([[1 => [13], 2 => [24]]]));
    expect(galleries($leftOut, $placements)->forChoice(Combination::of([]))->placementIds())
        ->toBe([1])
        ->and(galleries($leftOut, [])->forChoice(Combination::of([]))->isEmpty())
        ->toBeTrue();
});

it('opens on the chosen SKU, else the first made and in stock, else the first made', function (
    array $stock,
    ?string $chosen,
    ?string $opens,
): void {
    $made = Samples::smock()->inOrder(array_map(Combination::fromKey(...), array_keys($stock)));
    expect(
        (new Opening(Samples::smock(), $made, $stock, $chosen === null ? null : Combination::fromKey($chosen)))->cell()
            ?->key,
    )->toBe($opens);
})->with([
    [['1:12,2:21' => 3, '1:11,2:22' => 4, '1:11,2:21' => 0], null, '1:11,2:22'],
    [['1:12,2:21' => 0, '1:11,2:22' => 0], null, '1:11,2:22'],
    [['1:12,2:21' => 3, '1:11,2:22' => 4], '1:12,2:21', '1:12,2:21'],
    [['1:11,2:22' => 4], '1:12,2:21', '1:11,2:22'],
    [[], null, null],
]);

it('opens within the values that shoppers find chosen, as far as a made SKU has them', function (
    array $openings,
    string $choice,
    ?string $opens,
): void {
    $matrix = Samples::smock(leftOut: Reach::fromArrays([[1 => [13], 2 => [24]]]));
    $made = $matrix->inOrder($matrix->offered());
    $stock = array_fill_keys(array_map(fn(Combination $cell): string => $cell->key, $made), 5);
    $stock['1:13,2:21'] = 0;
    $opening = new Opening($matrix, $made, $stock, null, $openings);
    expect($opening->choice()->key)->toBe($choice)->and($opening->cell()?->key)->toBe($opens);
})->with([
    'none' => [[], '', '1:11,2:21'],
    'a color' => [[1 => 13], '1:13', '1:13,2:22'],
    'a size' => [[2 => 24], '2:24', '1:11,2:24'],
    'both' => [[2 => 22, 1 => 12], '1:12,2:22', '1:12,2:22'],
    'a size that the color does not come in' => [[1 => 13, 2 => 24], '1:13', '1:13,2:22'],
    'a value the product does not have' => [[1 => 99], '', '1:11,2:21'],
]);

it('moves a picture between its new neighbors, as near to its place as they allow', function (
    int $id,
    int $to,
    array $expected,
): void {
    // One gallery shows 1, 3, 5, 7; the even ones belong to others.
    expect((new Order())->move([1, 2, 3, 4, 5, 6, 7], [1, 3, 5, 7], $id, $to))->toBe($expected);
})->with([
    'later: right behind its new neighbor' => [1, 1, [2, 3, 1, 4, 5, 6, 7]],
    'to the end' => [1, 3, [2, 3, 4, 5, 6, 7, 1]],
    'past the end' => [3, 99, [1, 2, 4, 5, 6, 7, 3]],
    'earlier: right before its new neighbor' => [7, 1, [1, 2, 7, 3, 4, 5, 6]],
    'to the front' => [5, 0, [5, 1, 2, 3, 4, 6, 7]],
    'nowhere' => [5, 2, [1, 2, 3, 4, 5, 6, 7]],
    'not in the gallery' => [2, 0, [1, 2, 3, 4, 5, 6, 7]],
]);

it('follows the shot list, keeping the order within a view', function (): void {
    $all = Reach::everything();
    $placements = [
        Samples::placement(1, $all),
        Samples::placement(2, $all, View::usual('detail')),
        Samples::placement(3, $all, View::usual('back')),
        Samples::placement(4, $all, View::usual('detail')),
        Samples::placement(5, $all, View::usual('front')),
    ];
    expect(
        (new Order())->byShotList(
            $placements,
            ShotList::of([View::usual('front'), View::usual('back'), View::usual('detail')], []),
            [],
        ),
    )->toBe([5, 3, 2, 4, 1]);
});

it('matches the other colors to one', function (): void {
    $of = fn(int $color): Reach => Reach::fromArrays([[1 => [$color]]]);
    $placements = [
        Samples::placement(1, $of(11), View::usual('front')),
        Samples::placement(2, $of(11), View::usual('detail')),
        Samples::placement(3, $of(11), View::usual('back')),
        Samples::placement(4, $of(11), View::usual('detail')),
        Samples::placement(5, $of(12), View::usual('detail')),
        Samples::placement(6, $of(12), View::usual('detail')),
        Samples::placement(7, $of(12), View::usual('worn')),
        Samples::placement(8, $of(12), View::usual('front')),
    ];
    $matrix = Samples::smock(['Moss', 'Clay'], ['S']);
    $cells = $matrix->offered();
    $galleries = galleries($matrix, $placements);
    $order = (new Order())->matchedTo($cells[0], $placements, $cells, $galleries)->order;
    expect(array_values(array_intersect($order, [1, 2, 3, 4])))
        ->toBe([1, 2, 3, 4])
        ->and(array_values(array_intersect($order, [5, 6, 7, 8])))
        ->toBe([8, 5, 6, 7]);
});

it('tells there, shared and missing for each picture combination and view', function (): void {
    $matrix = Samples::smock(['Moss', 'Clay'], ['S', 'M']);
    $placements = [
        Samples::placement(1, Reach::fromArrays([[1 => [11]]]), View::usual('front')),
        Samples::placement(2, Reach::fromArrays([[1 => [11, 12]]]), View::usual('detail')),
        Samples::placement(3, Reach::fromArrays([[1 => [12], 2 => [21]]]), View::usual('front')),
        Samples::placement(4, Reach::everything(), View::usual('size guide')),
    ];
    $shotList = ShotList::of(
        [View::usual('front'), View::usual('back'), View::usual('detail'), View::usual('size guide')],
        [View::usual('front'), View::usual('detail')],
    );
    $coverage = Coverage::of($matrix, $matrix->offered(), galleries($matrix, $placements), $shotList);
    expect(array_map(fn(CoverageCell $cell): Cover => $cell->cover, $coverage->rows['1:11']->cells))
        ->toBe([
            'front' => Cover::There,
            'back' => Cover::Missing,
            'detail' => Cover::Shared,
            'size guide' => Cover::Shared,
        ])
        ->and($coverage->rows['1:12']->cells['front']->cover)
        ->toBe(Cover::Missing)
        ->and(array_map(fn(CoverageCell $cell): View => $cell->shot->view, $coverage->rows['1:12']->holes()))
        ->toBe([View::usual('front'), View::usual('back')])
        ->and($coverage->rows['1:11']->inWords())
        ->toBe('2 of 2 required · 1 of 2 wanted')
        ->and($coverage->percent())
        ->toBe(75);
});

it('says a picture in a text: the typed one, else the pattern', function (Placement $placement, string $text): void {
    expect((new AltText())->of($placement, 'Potting smock', Samples::smock()))->toBe($text);
})->with(
    fn(): array => [
        [Samples::placement(1, Reach::fromArrays([[1 => [11]]]), View::usual('back')), 'Potting smock, Moss, back'],
        [Samples::placement(1, Reach::everything(), View::usual('size guide')), 'Potting smock, size guide'],
        [Samples::placement(1, Reach::everything()), 'Potting smock'],
        [
            new Placement(1, 'a.jpg', Reach::everything(), Reach::nothing(), null, [], 'A hand holding the smock'),
            'A hand holding the smock',
        ],
    ],
);

it('agrees with asking every placement about every cell', function (int $seed): void {
    $random = Samples::random($seed);
    $matrix = Samples::matrix($random, 4, 4);
    $placements = array_map(
        fn(int $id): Placement => Samples::placement(
            $id,
            Samples::reach($random, $matrix, 3),
            $random->getInt(0, 2) === 0 ? null : Views::usual()->all[$random->getInt(0, 8)],
            $random->getInt(0, 2) === 0 ? [Role::cases()[$random->getInt(0, 5)]] : [],
            $random->getInt(0, 3) === 0 ? Samples::reach($random, $matrix, 1) : null,
        ),
        range(1, $random->getInt(1, 12)),
    );
    $galleries = galleries($matrix, $placements);
    $made = $matrix->offered();
    foreach ($made as $cell) {
        $expected = array_values(
            array_filter(
                $placements,
                fn(Placement $placement): bool => $placement->reach->covers($cell) &&
                    !$placement->hidden->covers($cell),
            ),
        );
        $gallery = $galleries->of($cell);
        expect($gallery->placementIds())->toBe(array_map(fn(Placement $placement): int => $placement->id, $expected));
        foreach (Role::cases() as $role) {
            $answer = $gallery->role($role);
            $carriers = array_filter(
                $placements,
                fn(Placement $placement): bool => $placement->carries($role) &&
                    $placement->reach->covers($cell) &&
                    ($role !== Role::Lead || !$placement->hidden->covers($cell)),
            );
            expect($answer->ground === Ground::Assigned)
                ->toBe($carriers !== [])
                ->and(count($answer->rivals))
                ->toBe(max(0, count($carriers) - 1));
            foreach ($answer->rivals as $rival) {
                $rank = fn(Entry $entry): array => [
                    -count($entry->through->axisIds()),
                    count(array_filter($made, $entry->through->covers(...))),
                    array_search($entry->placement, $placements, true),
                ];
                expect($rank($answer->entry) <=> $rank($rival))->toBe(-1);
            }
        }
    }
    expect($galleries->all())->toHaveCount(count($made));
})->with(range(1, 300));
