<?php

declare(strict_types=1);

use Core\Gallery\View;
use Core\Gallery\Views;
use Core\Matching\Drop\Comparison;
use Core\Matching\Drop\DropFileStatus;
use Core\Matching\Drop\DropPicture;
use Core\Matching\Drop\DuplicateCandidate;
use Core\Matching\Drop\DuplicateKind;
use Core\Matching\Drop\Duplicates;
use Core\Matching\Drop\LinkOrder;
use Core\Matching\Drop\ProductPicture;
use Core\Matching\Names\KnownProduct;
use Core\Matching\Names\NameReading;
use Core\Matching\Verdict;
use Core\Reach\Reach;
use Tests\Core\Color\Samples;

/** The smock of the samples: Moss is 11, Clay 12. */
function droppedOn(): KnownProduct
{
    return new KnownProduct(1, 'SMOCK', 'Smock', Samples::smock(['Moss', 'Clay'], ['S', 'M']));
}

/**
 * A picture of a drop, read as one of the smock.
 *
 * @param  ?int  $color  value id; null for the whole product
 */
function droppedPicture(
    int $id,
    ?int $color,
    ?string $view = 'front',
    int $photoId = 0,
    float $confidence = 0.95,
    ?int $place = null,
): DropPicture {
    $reach = $color === null ? Reach::everything() : Reach::fromArrays([[1 => [$color]]]);
    $seen = $view === null ? null : View::usual($view);
    $verdict = new Verdict(1, $reach, $seen, $place, $confidence, [], [], new NameReading([], [], [], []));

    return new DropPicture(
        $id,
        "{$id}.jpg",
        $photoId ?: 100 + $id,
        true,
        1_600,
        1_200,
        90_000,
        DropFileStatus::ofVerdict($verdict),
        $verdict,
        droppedOn(),
    );
}

/** A picture that the smock has already. */
function ownPicture(int $placementId, int $photoId, ?int $color, string $view = 'front'): ProductPicture
{
    $candidate = new DuplicateCandidate(
        DuplicateKind::Place,
        $photoId,
        "own-{$placementId}.jpg",
        true,
        800,
        600,
        40_000,
        placementId: $placementId,
    );
    $reach = $color === null ? Reach::everything() : Reach::fromArrays([[1 => [$color]]]);

    return new ProductPicture($candidate, 1, $reach, View::usual($view));
}

/** @return list<string> what is said of each */
function saidOf(Comparison $comparison): array
{
    return array_map(fn(DuplicateCandidate $one): string => $one->inWords(), $comparison->candidates);
}

it('says how surely a name is read', function (?float $confidence, ?int $productId, DropFileStatus $status): void {
    $verdict =
        $confidence === null
            ? null
            : new Verdict($productId, null, null, null, $confidence, [], [], new NameReading([], [], [], []));
    expect(DropFileStatus::ofVerdict($verdict))->toBe($status);
})->with([
    'no picture' => [null, null, DropFileStatus::NotUnderstood],
    'of no product' => [0.95, null, DropFileStatus::NotUnderstood],
    'sure' => [Verdict::SURE, 1, DropFileStatus::Sure],
    'likely' => [0.85, 1, DropFileStatus::Likely],
    'even' => [0.5, 1, DropFileStatus::InDoubt],
    'doubtful' => [0.2, 1, DropFileStatus::InDoubt],
]);

it('finds the same picture, nearly the same, and another for one place', function (): void {
    $moss = droppedPicture(1, 11);
    $sameFile = droppedPicture(2, 12, 'back', photoId: 101);
    $nearly = droppedPicture(3, null, null, confidence: 0.6);
    $otherForPlace = droppedPicture(4, 11);
    $pictures = [$moss, $sameFile, $nearly, $otherForPlace];
    $duplicates = new Duplicates($pictures, [ownPicture(7, 300, 11)], [101 => [103], 103 => [101]]);
    $about = $duplicates->about($moss);
    expect($about->status)
        ->toBe(DropFileStatus::Double)
        ->and(saidOf($about))
        ->toBe([
            'The same picture as 2.jpg, of this drop.',
            'Nearly the same picture as 3.jpg, of this drop.',
            'own-7.jpg is the same view of the same part already.',
            '4.jpg, of this drop, is read as the same view of the same part.',
        ])
        ->and(array_map(fn(DuplicateCandidate $one): string => $one->heading(), $about->candidates))
        ->toBe([
            'The same picture twice in this drop',
            'Nearly the same picture twice in this drop',
            'The product has a picture of this view there',
            'Two pictures for one place',
        ]);
});

it('knows a picture that the product shows there already, and one that it shows elsewhere', function (): void {
    $picture = droppedPicture(1, 11, photoId: 300);
    $there = new Duplicates([$picture], [ownPicture(7, 300, null, 'back')], []);
    $elsewhere = new Duplicates([$picture], [ownPicture(7, 300, 12)], []);
    expect($there->about($picture))
        ->toEqual(new Comparison(DropFileStatus::There, []))
        ->and($elsewhere->about($picture)->status)
        ->toBe(DropFileStatus::Sure);
    // What is not read surely may be linked elsewhere by hand.
    $likely = droppedPicture(1, 11, photoId: 300, confidence: 0.85);
    expect((new Duplicates([$likely], [ownPicture(7, 300, null)], []))->about($likely)->status)->toBe(
        DropFileStatus::Likely,
    );
});

it('takes nearly the same pictures for two where the names surely tell them apart', function (): void {
    $moss = droppedPicture(1, 11);
    $twins = [101 => [102, 300], 102 => [101]];
    $of = fn(DropPicture $other, ProductPicture ...$own): array => saidOf(
        (new Duplicates([$moss, $other], array_values($own), $twins))->about($moss),
    );
    expect($of(droppedPicture(2, 12)))
        ->toBe([])
        ->and($of(droppedPicture(2, 11, 'back')))
        ->toBe([])
        ->and($of(droppedPicture(2, 12, confidence: 0.6)))
        ->toBe(['Nearly the same picture as 2.jpg, of this drop.'])
        ->and($of(droppedPicture(2, 12), ownPicture(7, 300, 12)))
        ->toBe([])
        ->and($of(droppedPicture(2, 12), ownPicture(7, 300, null)))
        ->toBe(['Nearly the same picture as own-7.jpg, which the product has.']);
});

it('takes a number in a name for one more picture of its place', function (): void {
    $first = droppedPicture(1, 11);
    $second = droppedPicture(2, 11, place: 2);
    $duplicates = new Duplicates([$first, $second], [ownPicture(7, 300, 11)], []);
    expect($duplicates->about($second))
        ->toEqual(new Comparison(DropFileStatus::Sure, []))
        ->and(saidOf($duplicates->about($first)))
        ->toBe(['own-7.jpg is the same view of the same part already.']);
});

it('looks at six of many, so that forty of one view do not draw forty each', function (): void {
    $pictures = array_map(fn(int $id): DropPicture => droppedPicture($id, 11), range(1, 40));
    expect((new Duplicates($pictures, [], []))->about($pictures[0])->candidates)->toHaveCount(5);
});

it('links by view, then by the place in the name, then by name as people count', function (): void {
    $pictures = [
        droppedPicture(12, 11, null),
        droppedPicture(2, 12, 'back'),
        droppedPicture(3, 11, place: 2),
        droppedPicture(4, 11, place: 1),
        droppedPicture(10, 11, 'back'),
        droppedPicture(5, 12, null),
    ];
    $views = [12 => null, 2 => View::usual('back'), 3 => View::usual('front'), 4 => View::usual('front')] + [
        10 => View::usual('back'),
        5 => null,
    ];
    expect(LinkOrder::of($pictures, $views, Views::usual()))->toBe([4, 3, 2, 10, 5, 12]);
});
