<?php

declare(strict_types=1);

namespace App\Actions\Library;

use App\Changing\UnitOfWork;
use App\History\Change;
use App\Ledger\Ledger;
use App\Models\HistoryEntry;
use App\Store\Library\AltPatterns;
use Core\Gallery\AltTexts\AltText;
use Core\Refusal;
use Core\RefusalKind;
use Core\Text\Translations;

/** Sets the pattern of alt texts in a language, or lets it go. */
final class SaveAltPattern
{
    private const MOST = 200;

    public function __construct(private readonly UnitOfWork $work) {}

    /**
     * @param  string  $language  a tag; empty for the shop's own
     * @param  string  $pattern  empty for none: the usual one, or the shop's own
     *
     * @throws Refusal
     */
    public function run(Change $change, string $language, string $pattern): ?HistoryEntry
    {
        $pattern = trim($pattern);
        $tag =
            trim($language) === ''
                ? ''
                : Translations::canonical(trim($language)) ??
                    throw new Refusal(
                        "“{$language}” is no tag of a language. Write de, fr or pt-BR.",
                        RefusalKind::Unreadable,
                        'language',
                    );
        if (mb_strlen($pattern) > self::MOST) {
            throw new Refusal(
                'A pattern can have ' . self::MOST . ' characters; this has ' . mb_strlen($pattern) . '.',
                RefusalKind::Unreadable,
                'pattern',
            );
        }
        $pattern === '' || new AltText($pattern);

        return $this->work->keepLibrary($change, self::class, function (Ledger $ledger) use ($tag, $pattern): string {
            $known = AltPatterns::id($tag);
            match (true) {
                $known === null && $pattern !== '' => $ledger->insert('alt_patterns', [
                    'language' => $tag,
                    'pattern' => $pattern,
                ]),
                $known !== null && $pattern === '' => $ledger->delete('alt_patterns', [$known]),
                $known !== null => $ledger->update('alt_patterns', [$known => ['pattern' => $pattern]]),
                default => null,
            };
            $where = $tag === '' ? 'Alt texts' : "Alt texts in {$tag}";

            return $pattern === '' ? "{$where}: no pattern of their own" : "{$where} are made as “{$pattern}”";
        });
    }
}
