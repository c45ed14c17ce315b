<?php

declare(strict_types=1);

use Core\Text\Translations;
use Core\Text\UnreadableTranslation;

it('reads translations, one to a line, under canonical language tags', function (string $typed, array $byTag): void {
    expect(Translations::read($typed)->byTag)->toBe($byTag);
})->with([
    ["de: Moos\nfr: Mousse", ['de' => 'Moos', 'fr' => 'Mousse']],
    ["FR-ca :  mousse \r\n\r\nde:Moos", ['de' => 'Moos', 'fr-CA' => 'mousse']],
    ['zh_hant_tw: 苔', ['zh-Hant-TW' => '苔']],
    ['es-419: musgo: claro', ['es-419' => 'musgo: claro']],
    ['', []],
]);

it('refuses what is none, in words', function (string $typed, string $why): void {
    expect(fn() => Translations::read($typed))->toThrow(UnreadableTranslation::class, $why);
})->with([
    ['Moos', '“Moos” is not a translation. Type a language tag, a colon and the name'],
    ['de:', '“de:” is not a translation'],
    ['german: Moos', '“german: Moos” is not a translation'],
    ["de: Moos\nDE: Flechte", 'There are two translations for de'],
]);

it('finds the name in a language, or in a wider one', function (string $tag, ?string $name): void {
    expect(Translations::of(['de' => 'Moos', 'pt' => 'musgo', 'pt-BR' => 'musgo escuro'])->in($tag))->toBe($name);
})->with([['de', 'Moos'], ['de-AT', 'Moos'], ['pt-br', 'musgo escuro'], ['pt-PT', 'musgo'], ['fr', null], ['', null]]);

it('says again what was typed', function (): void {
    expect(Translations::read("fr: mousse\nde: Moos")->typed())
        ->toBe("de: Moos\nfr: mousse")
        ->and(Translations::read(Translations::of(['de' => 'Moos'])->typed())->byTag)
        ->toBe(['de' => 'Moos']);
});
