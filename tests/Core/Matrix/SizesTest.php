<?php

declare(strict_types=1);

use Core\Sizes\SizeOrder;
use Core\Sizes\SizeReader;
use Core\Sizes\SizeRun;
use Tests\Core\Color\Samples;

it('puts sizes into their order, whatever order they were typed in', function (array $ordered): void {
    for ($seed = 1; $seed <= 20; $seed++) {
        expect((new SizeOrder())->sort(Samples::random($seed)->shuffleArray($ordered)))->toBe($ordered);
    }
    expect((new SizeOrder())->isSorted($ordered))->toBeTrue();
})->with([
    'letters' => [['XXS', 'XS', 'S', 'M', 'L', 'XL', 'XXL', '3XL', '4XL', '5XL', '6XL']],
    'words' => [['Extra Small', 'Small', 'Medium', 'Large', 'Extra Large', 'XXL']],
    'numbers and halves' => [['9', '10', '36', '36 ½', '37', '37.5', '38']],
    'with a size system' => [['EU 36', 'EU 37', 'EU 41']],
    'number ranges' => [['36–38', '40–42', '44-46']],
    'letter ranges' => [['XS/S', 'S/M', 'L/XL']],
    'waist and length' => [['30/32', '30/34', '32/30', '32/34']],
    'cups' => [['32AA', '32A', '32B', '34A', '34D', '34DD', '34E']],
    'ages' => [['0–3 M', '3–6 M', '6–9 M', '12 months', '2–3 Y', '3–4 years']],
]);

it('keeps mixed and unknown sizes as typed, after the known ones', function (): void {
    expect((new SizeOrder())->sort(['Tall', 'L', '38', 'S', 'Petite', 'M']))
        ->toBe(['S', 'M', 'L', '38', 'Tall', 'Petite'])
        ->and((new SizeOrder())->sort(['King', 'Single']))
        ->toBe(['King', 'Single']);
});

it('lets a named run of the library decide', function (): void {
    $beds = new SizeRun('Beds', ['Single', 'Double', 'King']);
    expect((new SizeOrder())->sort(['King', 'single', 'Double'], [$beds]))
        ->toBe(['single', 'Double', 'King'])
        ->and((new SizeOrder())->sort(['L', 'M'], [$beds]))
        ->toBe(['M', 'L']);
});

it('names one size under two names', function (): void {
    expect((new SizeOrder())->aliases(['XL', 'XXL', '2XL', 'Large', 'L', 'S']))->toBe([['XXL', '2XL'], ['Large', 'L']]);
});

it('reads one size the same under all its names', function (array $names): void {
    $identities = array_unique(
        array_map(fn(string $name): string => (new SizeReader())->read($name)->identity(), $names),
    );
    expect($identities)
        ->toHaveCount(1)
        ->and((new SizeReader())->read($names[0])->isKnown())
        ->toBeTrue();
})->with([
    [['XXL', '2XL', '2xl', 'Extra Extra Large', 'xx-large']],
    [['S', 'small', 'Sm', 'SMALL ']],
    [['36.5', '36 ½', '36½', '36 1/2', '36,5']],
    [['3XL', 'XXXL']],
    [['6–9 M', '6-9 months', '6 - 9 mo']],
]);

it('does not take one size for another', function (string $a, string $b): void {
    expect((new SizeReader())->read($a)->identity())->not->toBe((new SizeReader())->read($b)->identity());
})->with([
    ['M', '12M'],
    ['36', 'EU 36'],
    ['S', 'S/M'],
    ['32/34', '32-34'],
    ['34B', '34'],
    ['XL', 'XXL'],
    ['Tall', 'Petite'],
]);
