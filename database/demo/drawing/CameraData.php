<?php

declare(strict_types=1);

namespace Database\Demo\Drawing;

use App\Media\SrgbProfile;
use DateTimeImmutable;

/**
 * What a camera writes into a picture besides the picture: its name, when it was taken, and the profile of its colors.
 * Layout: EXIF 2.32 (JEITA CP-3451), 4.5 and 4.6; ICC.1:2010, B.4.
 */
final class CameraData
{
    private const MAKER = 'Hollin Optics';

    private const MODEL = 'Hollin Field 7';

    /** Of a field: ASCII, a short number, a long number. */
    private const ASCII = 2;

    private const SHORT = 3;

    private const LONG = 4;

    /** @return string the JPEG with these in place of what it had of the kind */
    public static function stamped(string $jpeg, DateTimeImmutable $taken): string
    {
        $exif = "Exif\0\0".self::exif($taken);
        $profile = "ICC_PROFILE\0\1\1".SrgbProfile::bytes();

        return "\xFF\xD8".self::segment("\xE1", $exif).self::segment("\xE2", $profile).self::withoutThese($jpeg);
    }

    private static function segment(string $marker, string $content): string
    {
        return "\xFF{$marker}".pack('n', strlen($content) + 2).$content;
    }

    /** Everything behind the beginning but segments of these two kinds. */
    private static function withoutThese(string $jpeg): string
    {
        $kept = '';
        for (
            $at = 2; $at < strlen($jpeg)
            && ord($jpeg[$at + 1]) >= 0xE0
            && ord($jpeg[$at + 1]) <= 0xEF; $at += $length
        ) {
            $length = 2 + unpack('n', $jpeg, $at + 2)[1];
            $kept .= in_array($jpeg[$at + 1], ["\xE1", "\xE2"], true) ? '' : substr($jpeg, $at, $length);
        }

        return $kept.substr($jpeg, $at);
    }

    private static function exif(DateTimeImmutable $taken): string
    {
        $time = $taken->format('Y:m:d H:i:s')."\0";
        $first = [
            [0x010F, self::ASCII, self::MAKER."\0"],
            [0x0110, self::ASCII, self::MODEL."\0"],
            [0x0112, self::SHORT, 1],
            [0x0132, self::ASCII, $time],
        ];
        $own = [
            [0x9003, self::ASCII, $time],
            [0x9291, self::ASCII, $taken->format('v')."\0"],
        ];
        // The place of the second list is known once the first is written, whose length does not depend on it.
        $place = 8 + strlen(self::fields([...$first, [0x8769, self::LONG, 0]], 8));

        return 'II'.pack('vV', 42, 8).self::fields(
            [...$first, [0x8769, self::LONG, $place]],
            8,
        ).self::fields($own, $place);
    }

    /**
     * @param  list<array{int, int, int|string}>  $fields  tag, kind, value; by tag
     * @param  int  $place  where the list begins
     */
    private static function fields(array $fields, int $place): string
    {
        $list = pack('v', count($fields));
        $behind = '';
        foreach ($fields as [$tag, $kind, $value]) {
            $count = is_string($value) ? strlen($value) : 1;
            $list .= pack('vvV', $tag, $kind, $count);
            if (is_string($value) && $count > 4) {
                $list .= pack('V', $place + 2 + 12 * count($fields) + 4 + strlen($behind));
                $behind .= $value.($count % 2 === 1 ? "\0" : '');
            } else {
                $list .= is_string($value) ? str_pad($value, 4, "\0") : pack('V', $value);
            }
        }

        return $list.pack('V', 0).$behind;
    }
}
