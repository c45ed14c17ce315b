<?php

declare(strict_types=1);

namespace App\Media\Incoming;

use App\Media\Streams;

/** Tells, without decoding it, whether a file holds more than one picture: one that moves, or one of several pages. */
final class FrameCounter
{
    /** So much of a file is looked at, in bytes. */
    private const MOST = 8 * 1024 * 1024;

    public static function hasMore(string $path, string $type): bool
    {
        return match ($type) {
            // Each picture of a GIF that moves begins with how long it is shown. GIF89a, section 23.
            'gif' => preg_match_all('/\x00\x21\xF9\x04.{4}\x00[\x21\x2C]/s', self::beginning($path, self::MOST)) > 1,
            // The header of a WebP with more than one picture in it says so. RFC 9649, section 2.7.1.
            'webp' => preg_match('/^RIFF.{4}WEBPVP8X.{4}(.)/s', self::beginning($path, 21), $head) === 1 &&
                (ord($head[1]) & 2) !== 0,
            'tif' => self::hasMorePages($path),
            default => false,
        };
    }

    /** After the entries of the first page stands where the next one is, or nothing. TIFF 6.0, section 2. */
    private static function hasMorePages(string $path): bool
    {
        $file = Streams::read($path);
        try {
            $isLittle = fread($file, 2) === 'II';
            [$short, $long] = $isLittle ? ['v', 'V'] : ['n', 'N'];
            $number = function (int $at, string $as) use ($file): int {
                $bytes = in_array($as, ['V', 'N'], true) ? 4 : 2;
                $read = fseek($file, $at) === 0 ? (string) fread($file, $bytes) : '';

                return strlen($read) === $bytes ? (int) (unpack($as, $read)[1] ?? 0) : 0;
            };
            $first = $number(4, $long);
            $entries = $first === 0 ? 0 : $number($first, $short);

            return $entries > 0 && $number($first + 2 + 12 * $entries, $long) !== 0;
        } finally {
            fclose($file);
        }
    }

    /** @param  int<1, max>  $bytes */
    private static function beginning(string $path, int $bytes): string
    {
        return (string) file_get_contents($path, false, null, 0, $bytes);
    }
}
