<?php

declare(strict_types=1);

namespace Core\Details;

use Core\Text\Name;
use Core\Text\NumberReader;

/** What a fact says. */
enum FactKind: string
{
    case Text = 'text';
    case Number = 'number';
    case YesNo = 'yes/no';
    case Many = 'list';

    private const MOST_ENTRIES = 30;

    /**
     * What is kept of what was typed, in one way of writing: a number without marks between thousands, "yes" or "no",
     * a list with commas between and each entry once.
     *
     * @throws UnreadableDetail
     * @throws \Core\Text\UnreadableNumber
     */
    public function read(string $typed): string
    {
        // What a text says is shown as typed: “m²” stays “m²”.
        $text = trim((string) preg_replace('/\s+/u', ' ', $typed));

        return $text === ''
            ? ''
            : match ($this) {
                self::Text => $text,
                self::Number => (string) NumberReader::read($text)
                    ->stripTrailingZeros()
                    ->toScale(max(0, NumberReader::read($text)->stripTrailingZeros()->getScale())),
                self::YesNo => match (mb_strtolower($text)) {
                    'yes', 'y', '1', 'true' => 'yes',
                    'no', 'n', '0', 'false' => 'no',
                    default => throw UnreadableDetail::neitherYesNorNo($typed),
                },
                self::Many => $this->entries($text),
            };
    }

    private function entries(string $text): string
    {
        $entries = [];
        foreach (preg_split('/\s*[,;|]\s*/u', $text) ?: [] as $entry) {
            $entries[Name::of($entry)->folded] ??= $entry;
        }
        unset($entries['']);

        return count($entries) > self::MOST_ENTRIES
            ? throw UnreadableDetail::tooManyEntries(self::MOST_ENTRIES)
            : implode(', ', $entries);
    }
}
