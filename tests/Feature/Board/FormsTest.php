<?php

declare(strict_types=1);

use App\Store\Library\AxisForm;
use App\Store\Library\Usage;
use App\Store\Library\ValueForm;
use Core\Matrix\AxisDisplay;
use Core\Matrix\AxisKind;
use Core\Refusal;
use Core\Text\UnreadableTranslation;
use Tests\Support\Shop;

/* What a person types of the library, read and refused. */

it('reads a value as typed', function (): void {
    $form = ValueForm::typed('  Deep   moss ', ' dms ', "Olive; olive, Lichen\nDeep moss", "de: Moos\n");
    expect($form->name->shown)
        ->toBe('Deep moss')
        ->and($form->code)
        ->toBe('DMS')
        ->and($form->synonyms)
        ->toBe(['olive', 'Lichen'])
        ->and($form->translations->byTag)
        ->toBe(['de' => 'Moos']);
});

it('refuses a value that cannot be', function (array $typed, string $exception, string $why): void {
    expect(fn() => ValueForm::typed(...$typed))->toThrow($exception, $why);
})->with([
    [['', 'A'], Refusal::class, 'A value needs a name'],
    [['Moss', ''], Refusal::class, 'a code of up to 16 letters and digits'],
    [['Moss', 'A B'], Refusal::class, 'a code of up to 16 letters and digits'],
    [['Moss', str_repeat('A', 17)], Refusal::class, 'a code of up to 16'],
    [[str_repeat('m', 81), 'A'], Refusal::class, 'The name of a value can have 80 characters'],
    [['Moss', 'A', '', 'Moos'], UnreadableTranslation::class, 'is not a translation'],
]);

it('reads an axis as typed, and shows it in the usual way where nothing is said', function (
    string $kind,
    string $display,
    AxisKind $is,
    AxisDisplay $shown,
): void {
    $form = AxisForm::typed(' Weave ', $kind, $display, true, 'de: Bindung');
    expect($form->kind)
        ->toBe($is)
        ->and($form->display)
        ->toBe($shown)
        ->and($form->row())
        ->toBe([
            'name' => 'Weave',
            'folded' => 'weave',
            'kind' => $is->value,
            'display' => $shown->value,
            'changes_picture' => 1,
            'translations' => '{"de":"Bindung"}',
        ]);
})->with([
    ['other', 'list', AxisKind::Other, AxisDisplay::List],
    ['color', '', AxisKind::Color, AxisDisplay::ColorSwatches],
    ['size', 'none', AxisKind::Size, AxisDisplay::Buttons],
    ['strange', 'picture swatches', AxisKind::Other, AxisDisplay::PictureSwatches],
]);

it('refuses an axis without a name, or with a very long one', function (string $name): void {
    expect(fn() => AxisForm::typed($name, 'other', 'list', false))->toThrow(
        Refusal::class,
        'An axis needs a name of up to 60 characters',
    );
})->with(['', '   ', str_repeat('n', 61)]);

it('names the products that use something, and counts the rest', function (int $count, string $words): void {
    expect(Usage::inWords(array_map(fn(int $at): string => "P{$at}", $count === 0 ? [] : range(1, $count))))->toBe(
        $words,
    );
})->with([
    [0, ''],
    [1, 'P1'],
    [8, 'P1, P2, P3, P4, P5, P6, P7, P8'],
    [20, 'P1, P2, P3, P4, P5, P6, P7, P8 and 12 more'],
]);

it('says of a refusal what kind it is and which field it is about, to pages and to programs', function (): void {
    $shop = Shop::stocked();
    $this->actingAs($shop->user);
    $sent = ['version' => $shop->version(), 'lens' => 'stock', 'selected' => '*', 'typed' => '1.5'];
    $this->post('/products/SMOCK/skus/stock', $sent, ['HX-Request' => 'true'])
        ->assertStatus(422)
        ->assertHeader('X-Field', 'typed');
    $this->postJson('/products/SMOCK/skus/stock', $sent)
        ->assertStatus(422)
        ->assertJson(['kind' => 'unreadable', 'field' => 'typed'])
        ->assertJsonMissingPath('row');
    $this->postJson('/products/SMOCK/skus/stock', ['typed' => '3', 'version' => 1] + $sent)
        ->assertStatus(409)
        ->assertJson(['kind' => 'changed']);
    $this->postJson('/products/SMOCK/skus/stock', ['typed' => '3', 'selected' => ''] + $sent)
        ->assertStatus(422)
        ->assertJson(['kind' => 'missing', 'field' => 'selected']);
    $row = new Core\Refusal('Row 7 has no price.', Core\RefusalKind::Missing, row: 7, column: 'price');
    expect([$row->kind->value, $row->row, $row->column, $row->field])->toBe(['missing', 7, 'price', null]);
});
