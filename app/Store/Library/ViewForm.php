<?php

declare(strict_types=1);

namespace App\Store\Library;

use Core\Gallery\Showing;
use Core\Refusal;
use Core\RefusalKind;
use Core\Text\Name;
use Core\Text\Translations;

/** A view as a person typed it. */
final readonly class ViewForm
{
    private const MOST_NAME = 40;

    private const MOST_WORDS = 40;

    private const MOST_WORD = 40;

    /**
     * @param  list<string>  $words
     * @param  list<string>  $looseWords
     */
    private function __construct(
        public Name $name,
        public Showing $showing,
        public array $words,
        public array $looseWords,
        public Translations $translations,
    ) {}

    /** @throws Refusal */
    public static function typed(
        string $name,
        string $showing,
        string $words,
        string $looseWords,
        string $translations = '',
    ): self {
        $read = Name::of($name);
        if ($read->isEmpty() || $read->isLongerThan(self::MOST_NAME)) {
            throw new Refusal(
                'A view needs a name of up to ' . self::MOST_NAME . ' characters, such as “sole” or “lining”.',
                RefusalKind::Missing,
                'name',
            );
        }
        $own = self::words($words, 'words');
        // What it is called means it, unless its words say so already.
        $known = array_map(fn(string $word): string => Name::of($word)->folded, $own);

        return new self(
            $read,
            Showing::tryFrom($showing) ?? Showing::Goods,
            in_array($read->folded, $known, true) ? $own : [$read->shown, ...$own],
            self::words($looseWords, 'loose_words'),
            Translations::read($translations),
        );
    }

    /** @return array<string, string> columns of its row */
    public function row(): array
    {
        $flags = JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE;

        return [
            'name' => $this->name->shown,
            'folded' => $this->name->folded,
            'showing' => $this->showing->value,
            'words' => json_encode($this->words, $flags),
            'loose_words' => json_encode($this->looseWords, $flags),
            'translations' => json_encode((object) $this->translations->byTag, $flags),
        ];
    }

    /** @return list<string> each once */
    private static function words(string $typed, string $field): array
    {
        $words = [];
        foreach (preg_split('/[,;|\t\r\n]+/u', $typed) ?: [] as $word) {
            $name = Name::of($word);
            if ($name->isLongerThan(self::MOST_WORD)) {
                throw new Refusal(
                    "“{$name->shown}” is longer than a word of a file name can be here (" .
                        self::MOST_WORD .
                        ' characters).',
                    RefusalKind::Unreadable,
                    $field,
                );
            }
            $words += $name->isEmpty() ? [] : [$name->folded => $name->shown];
        }
        if (count($words) > self::MOST_WORDS) {
            throw new Refusal(
                'A view can have ' . self::MOST_WORDS . ' words; these are ' . count($words) . '.',
                RefusalKind::Unreadable,
                $field,
            );
        }

        return array_values($words);
    }
}
