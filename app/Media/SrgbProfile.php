<?php

declare(strict_types=1);

namespace App\Media;

/**
 * Says to a color engine what sRGB is: an ICC profile of version 4, made here from the numbers of IEC 61966-2-1.
 * Layout:
 * ICC.1:2010, sections 7 and 10. It is written by us, so nothing of it is somebody else's. It is read in a process
 * that has no extension of PHP but the picture library's.
 */
final class SrgbProfile
{
    /** Red, green and blue of sRGB and white, as XYZ adapted to D50 by Bradford. */
    private const COLORS = [
        'rXYZ' => [0.43607, 0.22249, 0.01392],
        'gXYZ' => [0.38515, 0.71687, 0.09708],
        'bXYZ' => [0.14307, 0.06061, 0.7141],
        'wtpt' => [0.9642, 1.0, 0.82491],
    ];

    /** From D65 to D50. Bradford. */
    private const ADAPTATION = [1.04791, 0.02293, -0.05019, 0.0296, 0.99046, -0.01707, -0.00925, 0.01506, 0.75166];

    /** Above the last number: ((value + 0.055) / 1.055) to the power of 2.4; below: value / 12.92. */
    private const CURVE = [2.4, 1 / 1.055, 0.055 / 1.055, 1 / 12.92, 0.04045];

    public static function bytes(): string
    {
        $numbers = fn(array $list): string => pack(
            'N*',
            ...array_map(fn(float $number): int => (int) round($number * 65536) & 0xffffffff, $list),
        );
        $text = fn(string $text): string => 'mluc' .
            pack('N3', 0, 1, 12) .
            'enUS' .
            pack('N2', 2 * strlen($text), 28) .
            "\0" .
            implode("\0", str_split($text));
        $curve = 'para' . pack('Nn2', 0, 3, 0) . $numbers(self::CURVE);
        $parts = [
            'desc' => $text('sRGB'),
            'cprt' => $text('None'),
            'chad' => 'sf32' . pack('N', 0) . $numbers(self::ADAPTATION),
            'rTRC' => $curve,
            'gTRC' => $curve,
            'bTRC' => $curve,
        ];
        foreach (self::COLORS as $name => $color) {
            $parts[$name] = 'XYZ ' . pack('N', 0) . $numbers($color);
        }
        $table = pack('N', count($parts));
        $body = '';
        $begin = 128 + 4 + 12 * count($parts);
        foreach ($parts as $name => $part) {
            $part .= str_repeat("\0", -strlen($part) & 3);
            $table .= $name . pack('N2', $begin + strlen($body), strlen($part));
            $body .= $part;
        }
        $head =
            pack('N', $begin + strlen($body)) .
            pack('N', 0) .
            pack('N', 0x04300000) .
            'mntr' .
            'RGB ' .
            'XYZ ' .
            pack('n6', 2026, 1, 1, 0, 0, 0) .
            'acsp' .
            str_repeat("\0", 28) .
            $numbers([0.9642, 1.0, 0.8249]);

        return str_pad($head, 128, "\0") . $table . $body;
    }
}
