<?php

declare(strict_types=1);

use Core\Codes\CodeClash;
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
    expect((new SkuCodes())->forCells('TB-SMK', $matrix, $matrix->offered()))->toBe([
        '1:11,2:21' => 'TB-SMK-MOSS-S',
        '1:11,2:22' => 'TB-SMK-MOSS-M',
    ])->and((new SkuCodes())->forCells('TB-BAG', Matrix::of([]), Matrix::of([])->offered()))->toBe(['' => 'TB-BAG']);
});

it('names both sides where two cells would get one code, and never adds a suffix', function (): void {
    $matrix = Matrix::of([new Axis(1, 'Color', AxisKind::Color, [new Value(1, 'Slate', 'SLT'), new Value(2, 'Salt', 'SLT')])]);
    (new SkuCodes())->forCells('P', $matrix, $matrix->offered());
})->throws(CodeClash::class, '“P-SLT” would be the code of Slate and of Salt');

it('sees a code that is taken elsewhere, without regard to case', function (): void {
    $matrix = Samples::smock(['Moss'], ['S']);
    (new SkuCodes())->forCells('P', $matrix, $matrix->offered(), ['P-MOSS-S' => 'Rain cape, Moss, S']);
})->throws(CodeClash::class, 'of Rain cape, Moss, S and of Moss, S');

it('refuses a code that is too long', function (): void {
    $matrix = Samples::smock(['Moss'], ['S']);
    (new SkuCodes())->forCells(str_repeat('P', 60), $matrix, $matrix->offered());
})->throws(CodeClash::class, 'longer than 64');

it('proposes value codes', function (string $name, array $taken, string $code): void {
    expect(ValueCode::propose($name, array_fill_keys($taken, true)))->toBe($code);
})->with([
    ['M', [], 'M'], ['XXL', [], 'XXL'], ['36.5', [], '36H5'], ['36 ½', [], '36H5'], ['Oat', [], 'OAT'],
    ['Charcoal', [], 'CHR'], ['Slate', ['SLT'], 'SLA'], ['Été bleu', [], 'ETB'], ['丹', [], 'DAN'], ['½', [], 'H5'],
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
