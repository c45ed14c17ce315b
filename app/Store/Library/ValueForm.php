<?php

declare(strict_types=1);

namespace App\Store\Library;

use Core\Refusal;
use Core\RefusalKind;
use Core\Text\Name;
use Core\Text\Translations;

/** A value of the library as a person typed it. */
final readonly class ValueForm
{
    private const MOST_NAME = 80;

    /**
     * @param  list<string>  $synonyms
     */
    private function __construct(
        public Name $name,
        public string $code,
        public array $synonyms,
        public Translations $translations,
    ) {}

    /**
     * @param  string  $synonyms  with commas between
     * @param  string  $translations  one to a line: "de: Moos"
     *
     * @throws Refusal
     */
    public static function typed(string $name, string $code, string $synonyms = '', string $translations = ''): self
    {
        $read = Name::of($name);
        $code = strtoupper(trim($code));
        if ($read->isEmpty() || strlen($code) > 16 || preg_match('/^[A-Z0-9]+(?:-[A-Z0-9]+)*$/', $code) !== 1) {
            throw new Refusal(
                'A value needs a name, and a code of up to 16 letters and digits, with dashes between.',
                RefusalKind::Missing,
                'name',
            );
        }
        if ($read->isLongerThan(self::MOST_NAME)) {
            throw new Refusal(
                'The name of a value can have ' . self::MOST_NAME . ' characters.',
                RefusalKind::Unreadable,
                'name',
            );
        }
        $words = [];
        foreach (preg_split('/[,;|\n]+/u', $synonyms) ?: [] as $word) {
            $synonym = Name::of($word);
            if (!$synonym->isEmpty() && !$synonym->is($read)) {
                $words[$synonym->folded] = $synonym->shown;
            }
        }

        return new self($read, $code, array_values($words), Translations::read($translations));
    }
}
