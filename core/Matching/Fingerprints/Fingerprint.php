<?php

declare(strict_types=1);

namespace Core\Matching\Fingerprints;

use Core\Color\Measuring\Sample;

/**
 * What a picture looks like, in 64 bits: whether each of its 64 slowest changes of light, without the mean, is above
 * their median. Pictures that look alike differ in few bits. C. Zauner: Implementation and Benchmarking of Perceptual
 * Image Hash Functions (Hagenberg 2010), section 3.2.1, on a picture of 32 × 32.
 */
final readonly class Fingerprint
{
    /** Side of the sample it is taken from, in pixels. */
    public const SIDE = 32;

    private const WAVES = 8;

    /** Luma of red, green and blue. Rec. ITU-R BT.601. */
    private const LUMA = [0.299, 0.587, 0.114];

    /** @param  string  $hex  16 digits of 0 to 9 and a to f */
    private function __construct(public string $hex) {}

    /** @throws UnreadableFingerprint */
    public static function fromHex(string $hex): self
    {
        return preg_match('/^[0-9a-f]{16}$/', $hex) === 1 ? new self($hex) : throw UnreadableFingerprint::of($hex);
    }

    /**
     * @param  Sample  $sample  the whole picture, pressed into 32 × 32
     *
     * @throws UnreadableFingerprint
     */
    public static function of(Sample $sample): self
    {
        if ($sample->width !== self::SIDE || $sample->height !== self::SIDE) {
            throw UnreadableFingerprint::sample($sample->width, $sample->height);
        }
        $light = array_map(
            fn(int $pixel): float => self::LUMA[0] * ($pixel >> 16) +
                self::LUMA[1] * (($pixel >> 8) & 255) +
                self::LUMA[2] * ($pixel & 255),
            $sample->pixels,
        );
        $waves = self::waves($light);
        $sorted = $waves;
        sort($sorted);
        $middle = intdiv(count($sorted), 2);
        $median = ($sorted[$middle - 1] + $sorted[$middle]) / 2;
        $hex = '';
        foreach (array_chunk($waves, 4) as $four) {
            $hex .= dechex(
                array_reduce($four, fn(int $bits, float $wave): int => ($bits << 1) | ($wave > $median ? 1 : 0), 0),
            );
        }

        return new self($hex);
    }

    /** @return int number of bits in which the two differ, from 0 to 64 */
    public function distance(self $other): int
    {
        $bits = 0;
        foreach (str_split($this->hex) as $at => $digit) {
            $bits += substr_count(decbin((int) hexdec($digit) ^ (int) hexdec($other->hex[$at])), '1');
        }

        return $bits;
    }

    /**
     * The first waves of the discrete cosine transform (DCT-II) down and across, without those of no change.
     *
     * @param  list<float>  $light  row by row
     * @return list<float> row by row
     */
    private static function waves(array $light): array
    {
        $cosines = [];
        for ($wave = 1; $wave <= self::WAVES; $wave++) {
            for ($at = 0; $at < self::SIDE; $at++) {
                $cosines[$wave][$at] = cos(((2 * $at + 1) * $wave * M_PI) / (2 * self::SIDE));
            }
        }
        $across = [];
        foreach (array_chunk($light, self::SIDE) as $y => $row) {
            foreach ($cosines as $wave => $cosine) {
                $across[$wave][$y] = self::product($row, $cosine);
            }
        }
        $waves = [];
        foreach ($cosines as $cosine) {
            foreach ($across as $column) {
                $waves[] = self::product($column, $cosine);
            }
        }

        return $waves;
    }

    /**
     * @param  array<int, float>  $one
     * @param  array<int, float>  $other
     */
    private static function product(array $one, array $other): float
    {
        $sum = 0.0;
        foreach ($one as $at => $number) {
            $sum += $number * $other[$at];
        }

        return $sum;
    }
}
