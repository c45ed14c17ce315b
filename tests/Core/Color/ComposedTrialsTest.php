<?php

declare(strict_types=1);

use Core\Checks\AxisColors;
use Core\Checks\ValuePicture;
use Core\Color\Measuring\ColorMeter;
use Core\Color\Measuring\PictureColors;
use Core\Color\Measuring\ShootLight;
use Core\Color\Srgb;
use Core\Color\Swatches\Swatch;
use Core\Matching\ColorWitness;
use Core\Matrix\Axis;
use Core\Matrix\AxisKind;
use Core\Matrix\Value;
use Tests\Core\Color\ComposedPicture;
use Tests\Core\Color\ComposedTrials;
use Tests\Core\Color\Photograph;
use Tests\Core\Color\Samples;

function drawnTrials(): ComposedTrials
{
    $random = Samples::random(5);
    $thickets = array_map(fn(): Photograph => Photograph::drawn($random), range(1, 3));

    return new ComposedTrials(
        $thickets,
        $thickets,
        array_map(fn(): Photograph => Photograph::cloth($random), range(1, 4)),
    );
}

it(
    'finds 9 of 10 mislabeled pictures before whatever ground, near or far, in any light, plain or patterned',
    function (): void {
        $found = $accused = $right = $near = $all = 0;
        foreach (['outdoors', 'tight crop', 'dim or bright', 'stripes', 'checks'] as $at => $case) {
            $result = ComposedTrials::tried(drawnTrials()->products($case, 2, 31 + $at));
            $found += $result['found'];
            $accused += $result['accused'];
            $right += $result['right'];
            if ($case !== 'dim or bright') {
                $near += count(
                    array_filter($result['errors'], fn(float $error): bool => $error <= ComposedTrials::NEAR),
                );
                $all += count($result['errors']);
            }
        }
        expect($found)
            ->toBeGreaterThanOrEqual(10 * 0.9)
            ->and($accused / $right)
            ->toBeLessThanOrEqual(0.02)
            ->and($near / $all)
            ->toBeGreaterThan(0.9);
    },
);

it(
    'never measures goods wrong without a word that have nearly the color of their ground (a gray bag was shadow, and showed the ground)',
    function (string $case): void {
        $result = drawnTrials()->nearGround($case, 30, 17);
        expect($result['wrong'])
            ->toBe(0)
            ->and($result['right'])
            ->toBeGreaterThan($case === 'white on white' ? 4 : 26);
    },
)->with(array_keys(ComposedTrials::NEAR_GROUND));

it('says that it measured the middle, and what cannot be told', function (): void {
    $random = Samples::random(8);
    $thicket = Photograph::drawn($random);
    $seen = (new ColorMeter())->measure(
        (new ComposedPicture($random))
            ->of([Srgb::fromHex('#2f5fb0')])
            ->before($thicket)
            ->sample(),
    );
    expect($seen->areOfMiddle())
        ->toBeTrue()
        ->and($seen->areTold())
        ->toBeTrue()
        ->and($seen->doubt)
        ->toBe('Its background is not even: what stands in the middle was measured.');
    $nothing = (new ColorMeter())->measure((new ComposedPicture($random))->before($thicket)->sized(0.02)->sample());
    expect($nothing->areTold())
        ->toBeFalse()
        ->and($nothing->doubt)
        ->toBe('What it shows cannot be told from its background.');
});

it('tells the light of a shoot from what all pictures and swatches have in common', function (): void {
    $swatches = ['#5f7049', '#b4694a', '#4a5a6f', '#d9c9a3', '#2f6f73', '#8f3f35'];
    $dim = fn(Srgb $color): Srgb => Srgb::fromLinear(
        $color->linear()[0] * 0.5,
        $color->linear()[1] * 0.45,
        $color->linear()[2] * 0.4,
    );
    $pairs = array_map(fn(string $hex): array => [$dim(Srgb::fromHex($hex)), Srgb::fromHex($hex)], $swatches);
    // One that is mislabeled changes nothing.
    $pairs[0][0] = Srgb::fromHex('#ffffff');
    expect(ShootLight::of($pairs)?->on(Srgb::fromHex('#6d8a3f'))->hex())
        ->toBe($dim(Srgb::fromHex('#6d8a3f'))->hex())
        ->and(ShootLight::of(array_slice($pairs, 0, 4)))
        ->toBeNull()
        ->and(
            ShootLight::of(array_map(fn(string $hex): array => [Srgb::fromHex($hex), Srgb::fromHex($hex)], $swatches)),
        )
        ->toBeNull();
    // Where pictures have nothing in common, there is no light that they share.
    $apart = array_map(
        fn(string $hex, string $other): array => [Srgb::fromHex($hex), Srgb::fromHex($other)],
        $swatches,
        array_reverse($swatches),
    );
    expect(ShootLight::of($apart))->toBeNull();
});

it(
    'lets a name be contradicted by a picture before an uneven ground, and by a pattern whose trim all colors have',
    function (): void {
        $random = Samples::random(21);
        $values = [new Value(1, 'Moss'), new Value(2, 'Rose'), new Value(3, 'Sky')];
        $axis = new Axis(1, 'Color', AxisKind::Color, $values, true);
        $trim = Srgb::fromHex('#f1e5c8');
        $cloths = [1 => Srgb::fromHex('#5f7049'), 2 => Srgb::fromHex('#c0506a'), 3 => Srgb::fromHex('#7fb0d8')];
        $swatches = array_map(fn(Srgb $cloth): Swatch => Swatch::of($cloth, $trim), $cloths);
        foreach ($cloths as $id => $cloth) {
            $seen = (new ColorMeter())->measure(
                (new ComposedPicture($random))
                    ->of([$cloth, $trim], 'stripes')
                    ->before(Photograph::drawn($random))
                    ->sample(),
            );
            $witness = new ColorWitness($seen, $swatches);
            foreach (array_keys($cloths) as $said) {
                expect($witness->against($axis, $said))->toBe($said === $id ? null : $id);
            }
        }
    },
);

it(
    'takes cloth that fills the picture for the cloth, and what is seen of a ground through it for nothing',
    function (): void {
        $axis = new Axis(1, 'Color', AxisKind::Color, [new Value(1, 'Moss'), new Value(2, 'Rose')], true);
        $colors = new AxisColors($axis, [
            1 => Swatch::of(Srgb::fromHex('#5f7049')),
            2 => Swatch::of(Srgb::fromHex('#c0506a')),
        ]);
        $shares = [
            new Core\Color\Measuring\ColorShare(Srgb::fromHex('#5f7049'), 0.7),
            new Core\Color\Measuring\ColorShare(Srgb::fromHex('#f4f4f2'), 0.3),
        ];
        $seen = fn(string $ground, float $filled): array => array_map(
            fn(Core\Color\Measuring\ColorShare $share): string => $share->color->hex(),
            $colors->telling(
                new ValuePicture(1, 'p', 1, new PictureColors(Srgb::fromHex($ground), 0.95, $filled, $shares, null)),
            ),
        );
        expect($seen('#5f7049', 1.0))
            ->toBe(['#5f7049', '#f4f4f2'])
            ->and($seen('#f5f5f3', 0.4))
            ->toBe(['#5f7049']);
    },
);

it('proposes a swatch surely only from pictures with an even ground', function (): void {
    $axis = new Axis(1, 'Color', AxisKind::Color, [new Value(1, 'Moss')], true);
    $picture = fn(int $id, string $hex, ?string $doubt): ValuePicture => new ValuePicture(
        $id,
        'p',
        1,
        new PictureColors(
            Srgb::fromHex('#ffffff'),
            $doubt === null ? 1.0 : 0.3,
            0.4,
            [new Core\Color\Measuring\ColorShare(Srgb::fromHex($hex), 1.0)],
            $doubt,
        ),
    );
    $outdoors = $picture(1, '#406030', 'Its background is not even: what stands in the middle was measured.');
    $studio = $picture(2, '#5f7049', null);
    expect((new AxisColors($axis, [], [$outdoors]))->measured(1)?->isSure)
        ->toBeFalse()
        ->and((new AxisColors($axis, [], [$outdoors, $studio]))->measured(1)?->isSure)
        ->toBeTrue()
        ->and((new AxisColors($axis, [], [$outdoors, $outdoors, $studio]))->measured(1)?->swatch->hex())
        ->toBe('#5f7049');
});
