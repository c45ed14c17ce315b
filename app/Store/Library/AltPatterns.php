<?php

declare(strict_types=1);

namespace App\Store\Library;

use Core\Gallery\AltTexts\AltText;
use Core\Text\Translations;
use Illuminate\Support\Facades\DB;

/** The library's patterns for texts that stand for pictures, by language, read once. */
final class AltPatterns
{
    /** @var ?array<string, string> language tag, empty for the shop's own => pattern */
    private ?array $all = null;

    /** @return array<string, string> */
    public function all(): array
    {
        return $this->all ??= DB::table('alt_patterns')->orderBy('language')->pluck('pattern', 'language')->all();
    }

    /** @return ?int id of the row of a language; null where it has no pattern of its own */
    public static function id(string $tag): ?int
    {
        return DB::table('alt_patterns')->where('language', $tag)->value('id');
    }

    public function own(): AltText
    {
        return new AltText($this->all()[''] ?? AltText::PATTERN);
    }

    /** In a language, or in the nearest wider one; in the shop's own where there is none. */
    public function in(string $tag): AltText
    {
        $all = $this->all();

        return new AltText(
            $all[Translations::nearest($tag, array_values(array_filter(array_keys($all))))] ??
                ($all[''] ?? AltText::PATTERN),
        );
    }

    public function forget(): void
    {
        $this->all = null;
    }
}
