<?php

declare(strict_types=1);

namespace App\Media\Incoming;

/** The title and the keywords that somebody wrote into a picture: IPTC fields of a JPEG, else XMP of any file. */
final readonly class WrittenWords
{
    /** So much of a file is searched for XMP at either end, in bytes. */
    private const SEARCHED = 2 * 1024 * 1024;

    /** Fields of the IPTC's information interchange model, version 4.2: object name, headline, keywords. */
    private const TITLE = ['2#005', '2#105'];

    private const KEYWORDS = '2#025';

    private function __construct(public string $title, public string $keywords) {}

    public static function of(string $path): self
    {
        $iptc = self::iptc($path);
        $title = $iptc[self::TITLE[0]][0] ?? ($iptc[self::TITLE[1]][0] ?? '');
        $keywords = $iptc[self::KEYWORDS] ?? [];
        if ($title === '' || $keywords === []) {
            $packet = self::packet($path);
            $title = $title === '' ? self::items($packet, 'title')[0] ?? '' : $title;
            $keywords = $keywords === [] ? self::items($packet, 'subject') : $keywords;
        }

        return new self(
            self::plain($title),
            implode('; ', array_filter(array_map(self::plain(...), $keywords), fn(string $word): bool => $word !== '')),
        );
    }

    /** @return array<string, list<string>> */
    private static function iptc(string $path): array
    {
        // What is no picture, or one that is cut off, has no fields; whether it can be taken is said elsewhere.
        @getimagesize($path, $segments);
        $fields = isset($segments['APP13']) ? iptcparse($segments['APP13']) : false;

        return $fields === false ? [] : $fields;
    }

    /** XMP is looked for as text, as its specification means it to be found (part 1, 7.3.2). */
    private static function packet(string $path): string
    {
        foreach ([0, max(0, (int) filesize($path) - self::SEARCHED)] as $from) {
            $bytes = (string) file_get_contents($path, false, null, $from, self::SEARCHED);
            if (preg_match('~<x:xmpmeta\b.*?</x:xmpmeta>~s', $bytes, $found) === 1) {
                return $found[0];
            }
        }

        return '';
    }

    /** @return list<string> what a list of Dublin Core holds */
    private static function items(string $packet, string $name): array
    {
        if (
            preg_match("~<dc:{$name}\\b[^>]*>(.*?)</dc:{$name}>~s", $packet, $found) !== 1 ||
            preg_match_all('~<rdf:li\b[^>]*>(.*?)</rdf:li>~s', $found[1], $items) < 1
        ) {
            return [];
        }

        return array_map(
            fn(string $item): string => html_entity_decode($item, ENT_QUOTES | ENT_XML1, 'UTF-8'),
            $items[1],
        );
    }

    /** Older programs write in the characters of Western Europe. */
    private static function plain(string $text): string
    {
        $text = mb_check_encoding($text, 'UTF-8') ? $text : mb_convert_encoding($text, 'UTF-8', 'Windows-1252');

        return trim((string) preg_replace('/[\x00-\x1f\x7f]+/u', ' ', (string) $text));
    }
}
