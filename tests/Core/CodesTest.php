<?php

declare(strict_types=1);

use Core\Codes\CodeNotFree;
use Core\Codes\Gtin;
use Core\Codes\SkuCodes;
use Core\Codes\ValueCode;
use Core\Matrix\Axis;
use Core\Matrix\AxisKind;
use Core\Matrix\Matrix;
use Core\Matrix\Value;
use Tests\Core\Samples;

it('makes codes from the product’s code and the values’ codes, in axis order', function (): void {
    $matrix = Samples::smock(['Moss'], ['S', 'M']);
    expect((new SkuCodes())->forCells('TB-SMK', $matrix->codeParts($matrix->offered()))->codes)->toBe([
        '1:11,2:21' => 'TB-SMK-MOSS-S',
        '1:11,2:22' => 'TB-SMK-MOSS-M',
    ])->and((new SkuCodes())->forCells('TB-BAG', Matrix::of([])->codeParts(Matrix::of([])->offered()))->codes)->toBe(['' => 'TB-BAG']);
});

it('names what has a code already, and always has a way out', function (): void {
    $matrix = Matrix::of([new Axis(1, 'Color', AxisKind::Color, [new Value(1, 'Slate', 'SLT'), new Value(2, 'Salt', 'SLT')])]);
    $planned = (new SkuCodes())->forCells('P', $matrix->codeParts($matrix->offered()));

    expect($planned->codes)->toBe(['1:1' => 'P-SLT'])
        ->and($planned->clashes[0]->inWords())->toBe('“P-SLT” for Salt is the code of Slate already.')
        ->and($planned->clashes[0]->proposal)->toBe('P-SLT-2');
    expect(fn () => $planned->settled())->toThrow(CodeNotFree::class, 'Give it another, such as P-SLT-2');

    $settled = (new SkuCodes())->forCells('P', $matrix->codeParts($matrix->offered()), [], ['P-SLT' => 'P-SALT']);
    expect($settled->clashes)->not->toBe([]);
});

it('sees a code that is taken elsewhere, without regard to case, and proposes one that is free', function (): void {
    $matrix = Samples::smock(['Moss'], ['S']);
    $taken = ['P-MOSS-S' => 'a SKU of Rain cape', 'P-MOSS-S-2' => 'Odd one'];
    $planned = (new SkuCodes())->forCells('p', $matrix->codeParts($matrix->offered()), $taken);

    expect($planned->clashes[0]->inWords())->toBe('“p-MOSS-S” for Moss, S is the code of a SKU of Rain cape already.')
        ->and($planned->clashes[0]->proposal)->toBe('p-MOSS-S-3')
        ->and((new SkuCodes())->forCells('p', $matrix->codeParts($matrix->offered()), $taken, ['p-MOSS-S' => 'NEW'])->settled()->codes)->toBe(['1:11,2:21' => 'NEW']);
});

it('says that a code is too long', function (): void {
    $matrix = Samples::smock(['Moss'], ['S']);
    $clash = (new SkuCodes())->forCells(str_repeat('P', 60), $matrix->codeParts($matrix->offered()))->clashes[0];

    expect($clash->inWords())->toContain('longer than 64')->and(strlen($clash->proposal))->toBeLessThanOrEqual(64);
});

it('proposes value codes', function (string $name, array $taken, string $code): void {
    expect(ValueCode::propose($name, array_fill_keys($taken, true)))->toBe($code);
})->with([
    ['M', [], 'M'], ['XXL', [], 'XXL'], ['36.5', [], '36-5'], ['36 ½', [], '36-5'], ['1/2', [], '1-2'], ['12', [], '12'], ['36⅔', [], '36-67'], ['Oat', [], 'OAT'],
    ['Charcoal', [], 'CHR'], ['Slate', ['SLT'], 'SLA'], ['Été bleu', [], 'ETB'], ['丹', [], 'DAN'], ['½', [], '0-5'],
    ['Charcoal', ['CHR', 'CHRC', 'CHRCL', 'CHA', 'CHAR', 'CHARC', 'CHARCO', 'CHARCOA', 'CHARCOAL'], 'CHARCOAL2'],
    ['***', [], 'X'], ['***', ['X'], 'X2'],
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
})->with([['96385074', true], ['96385075', false], ['036000291452', true], ['4006381333931', true], ['4006381333932', false], ['123', false], ['400638133393x', false]]);
