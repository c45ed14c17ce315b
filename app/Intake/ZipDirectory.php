<?php

declare(strict_types=1);

namespace App\Intake;

use App\Media\Streams;
use App\Refusals\PhotoRefused;

/**
 * The list at the end of a ZIP, read by its own bytes before any library opens the file: how many entries it has, how
 * long it is, and the names as they stand there. Source: PKWARE, .ZIP File Format Specification 6.3, sections 4.3.12 to
 * 4.3.16 and 4.4.
 */
final readonly class ZipDirectory
{
    /** How an entry, the directory's entry and the ends begin. */
    private const ENTRY = "PK\x03\x04";

    private const LISTED = "PK\x01\x02";

    private const END = "PK\x05\x06";

    private const END_64 = "PK\x06\x06";

    private const LOCATOR_64 = "PK\x06\x07";

    private const END_BYTES = 22;

    private const LISTED_BYTES = 46;

    /** The end and the longest comment behind it. */
    private const LONGEST_END = self::END_BYTES + 65_535;

    /** Bytes that the directory may have, whatever the number of its entries. */
    private const MOST_BYTES = 16 * 1024 * 1024;

    /** Ends in the last bytes of a file, of which more than one is there only where somebody put it there. */
    private const MOST_ENDS = 8;

    /**
     * @param  list<string>  $names  as they stand there, in the directory's order
     * @param  int  $before  bytes of other data before the archive, which its offsets do not count
     */
    private function __construct(public array $names, public int $before) {}

    /** Whether a file is a ZIP: it begins as one, or ends as one with other data before it. */
    public static function isIn(string $path): bool
    {
        $start = (string) file_get_contents($path, false, null, 0, 4);
        if ($start === self::ENTRY || $start === self::END) {
            return true;
        }

        // A picture or a film stays one, whatever is hung on it.
        return preg_match('~^(image|video|model)/~', (string) mime_content_type($path)) !== 1 && self::endsAsOne($path);
    }

    /**
     * Whether a ZIP may be opened to be looked into: its list can be read, and says no more entries than that. What may
     * not is refused by who unpacks it, in a sentence.
     */
    public static function isBounded(string $path, int $mostEntries): bool
    {
        try {
            self::read($path, '', $mostEntries);

            return true;
        } catch (PhotoRefused) {
            return false;
        }
    }

    private static function endsAsOne(string $path): bool
    {
        $tail = self::tail($path);
        $ends = self::ends($tail);
        if ($ends === []) {
            return false;
        }
        $file = Streams::read($path);
        try {
            [, $bytes, , $end] = self::said($file, $tail, $ends[0], (int) filesize($path) - strlen($tail));

            return $end >= $bytes && fseek($file, $end - $bytes) === 0 && fread($file, 4) === self::LISTED;
        } finally {
            fclose($file);
        }
    }

    /**
     * @param  string  $name  of the file, for the sentence
     * @param  int  $mostEntries  of the archive
     *
     * @throws PhotoRefused where any of its ends says more than that, or the list cannot be read
     */
    public static function read(string $path, string $name, int $mostEntries): self
    {
        $size = (int) filesize($path);
        $tail = self::tail($path);
        $file = Streams::read($path);
        $directory = null;
        try {
            foreach (self::ends($tail) as $at) {
                [$count, $bytes, $offset, $end] = self::said($file, $tail, $at, $size - strlen($tail));
                if ($count > $mostEntries) {
                    throw new PhotoRefused(
                        "{$name} holds " .
                            number_format($count) .
                            ' files; ' .
                            number_format($mostEntries) .
                            ' is the most. Pack it in several.',
                    );
                }
                if ($bytes > self::MOST_BYTES) {
                    throw new PhotoRefused(
                        "{$name} has a list of files that is too long to be read. Pack it in several.",
                    );
                }
                // The last end whose list is there counts.
                $names = $directory === null ? self::listed($file, $end - $bytes, $bytes, $mostEntries) : null;
                if ($names !== null) {
                    $directory = new self($names, max(0, $end - $bytes - $offset));
                }
            }
        } finally {
            fclose($file);
        }

        return $directory ??
            throw new PhotoRefused(
                "{$name} is damaged and cannot be opened. Pack it again, or drop the folder itself.",
            );
    }

    private static function tail(string $path): string
    {
        return (string) file_get_contents($path, false, null, max(0, (int) filesize($path) - self::LONGEST_END));
    }

    /** @return list<int> where in the last bytes an end begins, the last first */
    private static function ends(string $tail): array
    {
        $ends = [];
        $at = strrpos($tail, self::END);
        while ($at !== false && count($ends) < self::MOST_ENDS) {
            if ($at + self::END_BYTES <= strlen($tail)) {
                $ends[] = $at;
            }
            $at = $at === 0 ? false : strrpos($tail, self::END, $at - strlen($tail) - 1);
        }

        return $ends;
    }

    /**
     * What an end says. The numbers of ZIP64 count wherever they are there, also beside small ones of the old kind.
     *
     * @param  resource  $file
     * @param  int  $before  bytes of the file before its tail
     * @return array{int, int, int, int} entries, bytes of the list, where it is said to begin, where it ends
     */
    private static function said($file, string $tail, int $at, int $before): array
    {
        $count = self::number('v', $tail, $at + 10);
        $bytes = self::number('V', $tail, $at + 12);
        $offset = self::number('V', $tail, $at + 16);
        $end = $before + $at;
        if ($at >= 20 && substr($tail, $at - 20, 4) === self::LOCATOR_64) {
            $here = self::number('P', $tail, $at - 12);
            foreach ([$here, $before + $at - 20 - 56] as $place) {
                $record = $place >= 0 && fseek($file, $place) === 0 ? (string) fread($file, 56) : '';
                if (strlen($record) === 56 && str_starts_with($record, self::END_64)) {
                    $count = max($count === 0xffff ? 0 : $count, self::number('P', $record, 32));
                    $bytes = max($bytes === 0xffffffff ? 0 : $bytes, self::number('P', $record, 40));
                    $offset = self::number('P', $record, 48);
                    $end = $place;
                    break;
                }
            }
        }

        return [$count < 0 ? PHP_INT_MAX : $count, $bytes < 0 ? PHP_INT_MAX : $bytes, $offset, $end];
    }

    /**
     * @param  resource  $file
     * @return ?list<string> null where no list is there
     */
    private static function listed($file, int $from, int $bytes, int $most): ?array
    {
        if ($bytes === 0 || $from < 0) {
            return $bytes === 0 && $from >= 0 ? [] : null;
        }
        $list = fseek($file, $from) === 0 ? (string) stream_get_contents($file, $bytes) : '';
        if (strlen($list) < $bytes || !str_starts_with($list, self::LISTED)) {
            return null;
        }
        $names = [];
        $at = 0;
        while ($at + self::LISTED_BYTES <= $bytes && substr($list, $at, 4) === self::LISTED && count($names) <= $most) {
            $length = self::number('v', $list, $at + 28);
            $names[] = substr($list, $at + self::LISTED_BYTES, $length);
            $extra = self::number('v', $list, $at + 30);
            $comment = self::number('v', $list, $at + 32);
            $at += self::LISTED_BYTES + $length + $extra + $comment;
        }

        return $names;
    }

    private static function number(string $kind, string $bytes, int $at): int
    {
        $length = ['v' => 2, 'V' => 4, 'P' => 8][$kind];
        $found = $at + $length <= strlen($bytes) ? unpack($kind, $bytes, $at) : false;

        return $found === false ? 0 : (int) $found[1];
    }
}
