<?php

declare(strict_types=1);

use Core\Codes\Barcode;
use Core\Codes\CodeNotFree;
use Core\Codes\CodePart;
use Core\Codes\CodeParts;
use Core\Codes\CodePattern;
use Core\Codes\Gtin;
use Core\Codes\GtinRange;
use Core\Codes\LetterCase;
use Core\Codes\SkuCodes;
use Core\Codes\UnreadableCodePattern;
use Core\Codes\UnreadableGtin;
use Core\Codes\ValueCode;
use Core\Matrix\Axis;
use Core\Matrix\AxisKind;
use Core\Matrix\Matrix;
use Core\Matrix\Value;
use Tests\Core\Color\Samples;

it('makes codes from the product’s code and the values’ codes, in axis order', function (): void {
    $matrix = Samples::smock(['Moss'], ['S', 'M']);
    expect((new SkuCodes())->forCells('TB-SMK', $matrix->codeParts($matrix->offered()))->codes)
        ->toBe([
            '1:11,2:21' => 'TB-SMK-MOSS-S',
            '1:11,2:22' => 'TB-SMK-MOSS-M',
        ])
        ->and((new SkuCodes())->forCells('TB-BAG', Matrix::of([])->codeParts(Matrix::of([])->offered()))->codes)
        ->toBe(['' => 'TB-BAG']);
});

it('names what has a code already, and always has a way out', function (): void {
    $matrix = Matrix::of([
        new Axis(1, 'Color', AxisKind::Color, [new Value(1, 'Slate', 'SLT'), new Value(2, 'Salt', 'SLT')]),
    ]);
    $planned = (new SkuCodes())->forCells('P', $matrix->codeParts($matrix->offered()));

    expect($planned->codes)
        ->toBe(['1:1' => 'P-SLT'])
        ->and($planned->clashes[0]->inWords())
        ->toBe(
            '“P-SLT” for Salt is the code of Slate already. Slate and Salt have the same code SLT: Salt could have SALT.',
        )
        ->and($planned->clashes[0]->proposal)
        ->toBe('P-SLT-2');
    expect(fn() => $planned->settled())->toThrow(CodeNotFree::class, 'Give it another, such as P-SLT-2');

    $settled = (new SkuCodes())->forCells('P', $matrix->codeParts($matrix->offered()), [], ['P-SLT (2)' => 'P-SALT']);
    expect($settled->settled()->codes)->toBe(['1:1' => 'P-SLT', '1:2' => 'P-SALT']);
});

it('sees a code that is taken elsewhere, without regard to case, and proposes one that is free', function (): void {
    $matrix = Samples::smock(['Moss'], ['S']);
    $taken = ['P-MOSS-S' => 'a SKU of Rain cape', 'P-MOSS-S-2' => 'Odd one'];
    $planned = (new SkuCodes())->forCells('p', $matrix->codeParts($matrix->offered()), $taken);

    expect($planned->clashes[0]->inWords())
        ->toBe('“p-MOSS-S” for Moss, S is the code of a SKU of Rain cape already.')
        ->and($planned->clashes[0]->proposal)
        ->toBe('p-MOSS-S-3')
        ->and(
            (new SkuCodes())
                ->forCells('p', $matrix->codeParts($matrix->offered()), $taken, ['p-MOSS-S' => 'NEW'])
                ->settled()->codes,
        )
        ->toBe(['1:11,2:21' => 'NEW']);
});

it('says that a code is too long', function (): void {
    $matrix = Samples::smock(['Moss'], ['S']);
    $clash = (new SkuCodes())->forCells(str_repeat('P', 60), $matrix->codeParts($matrix->offered()))->clashes[0];

    expect($clash->inWords())->toContain('longer than 64')->and(strlen($clash->proposal))->toBeLessThanOrEqual(64);
});

it('proposes value codes', function (string $name, array $taken, string $code): void {
    expect(ValueCode::propose($name, array_fill_keys($taken, true)))->toBe($code);
})->with([
    ['M', [], 'M'],
    ['XXL', [], 'XXL'],
    ['36.5', [], '36-5'],
    ['36 ½', [], '36-5'],
    ['1/2', [], '1-2'],
    ['12', [], '12'],
    ['36⅔', [], '36-67'],
    ['Oat', [], 'OAT'],
    ['Charcoal', [], 'CHR'],
    ['Slate', ['SLT'], 'SLA'],
    ['Été bleu', [], 'ETB'],
    ['丹', [], 'DAN'],
    ['½', [], '0-5'],
    ['Charcoal', ['CHR', 'CHRC', 'CHRCL', 'CHA', 'CHAR', 'CHARC', 'CHARCO', 'CHARCOA', 'CHARCOAL'], 'CHARCOAL2'],
    ['***', [], 'X'],
    ['***', ['X'], 'X2'],
]);

it('never proposes a code that is taken', function (): void {
    $taken = [];
    foreach (['Moss', 'Mess', 'Miss', 'Mass', 'Moss green', 'Mossy', 'Moss'] as $name) {
        $code = ValueCode::propose($name, array_fill_keys($taken, true));
        expect($taken)->not->toContain($code);
        $taken[] = $code;
    }
});

it('checks GTINs of all lengths', function (string $gtin, bool $valid): void {
    // Built here from the rule; the independent check against python-stdnum is in tests/Reference.
    expect(Gtin::isValid($gtin))->toBe($valid);
})->with([
    ['96385074', true],
    ['96385075', false],
    ['036000291452', true],
    ['4006381333931', true],
    ['4006381333932', false],
    ['123', false],
    ['400638133393x', false],
]);

/** @return array<string, string> place => code */
function coded(
    CodePattern $pattern,
    Matrix $matrix,
    string $product = 'TB',
    array $taken = [],
    array $numbers = [],
): array {
    $parts = $matrix->codeParts($matrix->inOrder($matrix->combinations()));
    $planned = (new SkuCodes($pattern))->forCells($product, $parts, $taken, [], $numbers);

    return array_combine(
        array_map(fn(CodeParts $part): string => $part->place, $parts),
        array_map(fn(CodeParts $part): string => $planned->codes[$part->key] ?? 'clash', $parts),
    );
}

it('puts codes together by a pattern', function (
    array $parts,
    string $separator,
    LetterCase $letters,
    string $code,
): void {
    $matrix = Samples::smock(['Moss'], ['M'], ['Pullover']);

    expect(array_values(coded(CodePattern::of($parts, $separator, $letters), $matrix)))->toBe([$code]);
})->with([
    'usual' => [[CodePart::product(), CodePart::values()], '-', LetterCase::AsIs, 'TB-MOSS-M-PULLOVER'],
    'in another order' => [
        [CodePart::axis(Samples::SIZE), CodePart::product(), CodePart::values()],
        '.',
        LetterCase::AsIs,
        'M.TB.MOSS.PULLOVER',
    ],
    'text and number' => [
        [CodePart::text('26'), CodePart::product(), CodePart::number('001')],
        '/',
        LetterCase::AsIs,
        '26/TB/001',
    ],
    'nothing between' => [
        [CodePart::product(), CodePart::axis(Samples::COLOR), CodePart::number('7')],
        '',
        LetterCase::Lower,
        'tbmoss7',
    ],
    'an axis that the product lacks' => [
        [CodePart::product(), CodePart::axis(9), CodePart::values()],
        '-',
        LetterCase::Upper,
        'TB-MOSS-M-PULLOVER',
    ],
]);

it('numbers SKUs one after another, from the next that is free on', function (): void {
    $pattern = CodePattern::of(
        [CodePart::product(), CodePart::axis(Samples::COLOR), CodePart::number('01')],
        '-',
        LetterCase::AsIs,
    );
    $matrix = Samples::smock(['Moss', 'Clay'], ['S', 'M'], []);

    expect(coded($pattern, $matrix))
        ->toBe([
            'Moss, S' => 'TB-MOSS-01',
            'Moss, M' => 'TB-MOSS-02',
            'Clay, S' => 'TB-CLAY-01',
            'Clay, M' => 'TB-CLAY-02',
        ])
        ->and(coded($pattern, $matrix, numbers: ["TB-MOSS-\n" => 99]))
        ->toBe([
            'Moss, S' => 'TB-MOSS-99',
            'Moss, M' => 'TB-MOSS-100',
            'Clay, S' => 'TB-CLAY-01',
            'Clay, M' => 'TB-CLAY-02',
        ])
        ->and($pattern->around('TB', $matrix->codeParts($matrix->offered())[0])[0])
        ->toStartWith('TB-');
});

it('says which values make the same code, and what to do', function (
    CodePattern $pattern,
    Matrix $matrix,
    string $cause,
): void {
    $clashes = (new SkuCodes($pattern))->forCells('TB', $matrix->codeParts($matrix->inOrder($matrix->combinations())))
        ->clashes;

    expect($clashes)->not->toBe([])->and($clashes[0]->inWords())->toContain($cause);
})->with([
    'an axis that it lacks' => [
        CodePattern::of([CodePart::product(), CodePart::axis(Samples::COLOR)], '-', LetterCase::AsIs),
        Samples::smock(['Moss'], ['S', 'M'], []),
        'The pattern does not say the Size, so that S and M make the same',
    ],
    'one code twice' => [
        CodePattern::usual(),
        Matrix::of([
            new Axis(1, 'Color', AxisKind::Color, [new Value(1, 'Slate', 'SLT'), new Value(2, 'Salt', 'slt')]),
        ]),
        'Slate and Salt have the same code slt: Salt could have SALT',
    ],
    'nothing between' => [
        CodePattern::of([CodePart::values()], '', LetterCase::AsIs),
        Matrix::of([
            new Axis(1, 'A', AxisKind::Other, [new Value(1, 'a', 'A'), new Value(2, 'ab', 'AB')]),
            new Axis(2, 'B', AxisKind::Other, [new Value(3, 'bc', 'BC'), new Value(4, 'c', 'C')]),
        ]),
        'put a sign between the parts',
    ],
    'too long' => [
        CodePattern::of([CodePart::product(), CodePart::values()], '-', LetterCase::AsIs, '6'),
        Samples::smock(['Moss'], ['S'], []),
        'is longer than 6 characters',
    ],
]);

it('refuses patterns that make no codes', function (Closure $make): void {
    $make();
})
    ->with([
        fn() => CodePattern::of([], '-', LetterCase::AsIs),
        fn() => CodePattern::of([CodePart::product(), CodePart::product()], '-', LetterCase::AsIs),
        fn() => CodePattern::of([CodePart::axis(1), CodePart::axis(1)], '-', LetterCase::AsIs),
        fn() => CodePattern::of([CodePart::number('1'), CodePart::number('2')], '-', LetterCase::AsIs),
        fn() => CodePattern::of([CodePart::product()], '+', LetterCase::AsIs),
        fn() => CodePattern::of([CodePart::product()], '-', LetterCase::AsIs, '65'),
        fn() => CodePattern::of([CodePart::product()], '-', LetterCase::AsIs, 'x'),
        fn() => CodePart::text('a b'),
        fn() => CodePart::text('-A'),
        fn() => CodePart::text(''),
        fn() => CodePart::number('12345678901'),
        fn() => CodePart::number('x'),
    ])
    ->throws(UnreadableCodePattern::class);

it('never gives one code twice, whatever the pattern', function (int $seed): void {
    $random = Samples::random($seed);
    $matrix = Samples::matrix($random, 3, 4);
    $choices = [
        CodePart::product(),
        CodePart::values(),
        CodePart::axis(1),
        CodePart::axis(2),
        CodePart::text('X'),
        CodePart::number('1'),
    ];
    $pattern = CodePattern::of(
        array_slice($random->shuffleArray($choices), 0, $random->getInt(1, 4)),
        ['-', '', '.'][$random->getInt(0, 2)],
        LetterCase::cases()[$random->getInt(0, 2)],
        (string) $random->getInt(6, 64),
    );
    $parts = $matrix->codeParts($matrix->offered());
    $planned = (new SkuCodes($pattern))->forCells('TB', $parts);

    expect(count($planned->codes) + count($planned->clashes))
        ->toBe(count($parts))
        ->and(count(array_unique(array_map(mb_strtoupper(...), $planned->codes))))
        ->toBe(count($planned->codes))
        ->and(array_filter($planned->codes, fn(string $code): bool => strlen($code) > $pattern->longest))
        ->toBe([]);
})->with(range(1, 120));

it('reads GTINs as they are typed, and says which digit is wrong', function (string $typed, string $gtin): void {
    expect(Gtin::typed($typed))->toBe($gtin);
})->with([
    ['4 006381 333931', '4006381333931'],
    ['0036000-29145-2', '0036000291452'],
    ['036000291452', '036000291452'],
    ['73513537', '73513537'],
    ['1 0036000 29145 9', '10036000291459'],
]);

it('refuses what is no GTIN', function (string $typed, string $message): void {
    expect(fn() => Gtin::typed($typed))->toThrow(UnreadableGtin::class, $message);
})->with([
    ['4006381333930', 'the last digit checks the others and would be 1'],
    ['12345', 'Type its 8, 12, 13 or 14 digits'],
    ['400638133393A', 'is not a GTIN'],
    ['', 'is not a GTIN'],
]);

it('names numbers that must not leave the company', function (string $body, ?string $why): void {
    expect(Gtin::restriction(Gtin::fromBody($body)))->toBe($why);
})->with([
    ['200000000001', 'for numbers within a company or a region'],
    ['020000000001', 'for numbers within a company'],
    ['040000000001', 'for numbers within a company'],
    ['050000000001', 'for coupons'],
    ['980000000001', 'for receipts of refunds'],
    ['981000000001', 'for coupons'],
    ['990000000001', 'for coupons'],
    ['977123456700', 'for serial publications'],
    ['400638133393', null],
    ['1400638133393', null],
    ['1200000000001', 'for numbers within a company or a region'],
    ['2000001', 'for numbers within a company'],
    ['7351353', null],
    ['03600029145', null],
    ['20000000001', 'for numbers within a company'],
]);

it('gives the next free numbers of a range, and says when it is used up', function (): void {
    $range = GtinRange::typed('4006381', '00010', '00013');

    expect($range->free(2, []))
        ->toBe([Gtin::fromBody('400638100010'), Gtin::fromBody('400638100011')])
        ->and($range->free(2, [Gtin::fromBody('400638100010') => 1, Gtin::fromBody('400638100012') => 1]))
        ->toBe([Gtin::fromBody('400638100011'), Gtin::fromBody('400638100013')])
        ->and(GtinRange::typed('4006381', '', '')->ends())
        ->toBe([Gtin::fromBody('400638100000'), Gtin::fromBody('400638199999')])
        ->and(fn() => $range->free(5, []))
        ->toThrow(UnreadableGtin::class, '1 more number is needed than prefix 4006381 has free from 00010 to 00013')
        ->and(fn() => GtinRange::typed('400', '', ''))
        ->toThrow(UnreadableGtin::class, 'not a company prefix')
        ->and(fn() => GtinRange::typed('4006381', '13', '10'))
        ->toThrow(UnreadableGtin::class, 'no range')
        ->and(fn() => GtinRange::typed('4006381', '000000', ''))
        ->toThrow(UnreadableGtin::class, 'have 5 digits');
});

it('draws bars of the right number of modules, with their quiet zones', function (
    string $gtin,
    string $symbology,
    int $modules,
    int $bars,
): void {
    $barcode = Barcode::of($gtin);

    expect($barcode->symbology)
        ->toBe($symbology)
        ->and($barcode->modules())
        ->toBe($modules)
        ->and(count($barcode->bars()))
        ->toBe($bars)
        ->and($barcode->bars()[0])
        ->toBe([$barcode->quietLeft, 1]);
})->with([
    ['4006381333931', 'EAN-13', 95, 30],
    ['036000291452', 'UPC-A', 95, 30],
    ['73513537', 'EAN-8', 67, 22],
    ['10036000291459', 'ITF-14', 4 + 7 * (4 * 3 + 6) + 5, 2 + 7 * 5 + 2],
]);

it('knows one number in all its lengths', function (): void {
    expect(Gtin::forms('036000291452'))
        ->toBe(['036000291452', '0036000291452', '00036000291452'])
        ->and(Gtin::forms('00036000291452'))
        ->toBe(['036000291452', '0036000291452', '00036000291452'])
        ->and(Gtin::forms('73513537'))
        ->toBe(['73513537', '000073513537', '0000073513537', '00000073513537'])
        ->and(Gtin::forms('4006381333931'))
        ->toBe(['4006381333931', '04006381333931']);
});

it('takes no zeros alone for a GTIN, and reads digits of full width', function (): void {
    foreach ([8, 12, 13, 14] as $length) {
        expect(fn() => Gtin::typed(str_repeat('0', $length)))
            ->toThrow(UnreadableGtin::class, 'nobody’s number')
            ->and(Gtin::isValid(str_repeat('0', $length)))
            ->toBeFalse();
    }
    expect(Gtin::typed('４００６３８１３３３９３１'))->toBe('4006381333931');
});
