<?php

declare(strict_types=1);

namespace App\Store\Library\Portable;

use App\Ledger\Ledger;
use Core\Gallery\AltTexts\AltText;
use Core\Refusal;
use Core\Text\Translations;
use Illuminate\Support\Facades\DB;

/** How texts that stand for pictures are made. */
final class AltTextsTable implements PortableTable
{
    private const LONGEST = 200;

    public function name(): string
    {
        return 'alt-texts';
    }

    public function keptIn(): string
    {
        return 'alt_patterns';
    }

    public function description(): string
    {
        return 'How texts that stand for pictures are made, by language.';
    }

    public function columns(): array
    {
        return [
            new PortableColumn('language', 'A tag (RFC 5646); empty for the shop’s own.'),
            new PortableColumn('pattern', 'The text, with what is filled in in braces.', isRequired: true),
        ];
    }

    public function rows(): iterable
    {
        foreach (DB::table('alt_patterns')->orderBy('language')->get() as $row) {
            yield [$row->language, $row->pattern];
        }
    }

    public function key(PortableRow $row): string
    {
        return $row->text('language');
    }

    public function known(): array
    {
        return DB::table('alt_patterns')->pluck('id', 'language')->all();
    }

    public function inWords(PortableRow $row): string
    {
        $language = $row->text('language');

        return 'the pattern of alt texts' . ($language === '' ? '' : " in {$language}");
    }

    /** @throws Refusal */
    public function check(PortableRow $row): void
    {
        $language = $row->text('language');
        if ($language !== '' && Translations::canonical($language) !== $language) {
            throw $row->amiss('language', "“{$language}” is no tag of a language");
        }
        $pattern = $row->text('pattern');
        if ($pattern === '' || mb_strlen($pattern) > self::LONGEST) {
            throw $row->amiss('pattern', 'up to ' . self::LONGEST . ' characters are expected');
        }
        new AltText($pattern);
    }

    public function add(Ledger $ledger, array $rows): void
    {
        foreach ($rows as $row) {
            $this->check($row);
            $ledger->insert('alt_patterns', [
                'language' => $row->text('language'),
                'pattern' => $row->text('pattern'),
            ]);
        }
    }
}
