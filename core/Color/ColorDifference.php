<?php

declare(strict_types=1);

namespace Core\Color;

/**
 * How different two colors look: CIEDE2000. Below 1 nobody sees it, about 3 is seen side by side, 10 is another color.
 * G. Sharma, W. Wu, E. N. Dalal: The CIEDE2000 Color-Difference Formula: Implementation Notes, Supplementary Test Data,
 * and Mathematical Observations. Color Research and Application 30 (2005), 21–30; kL = kC = kH = 1.
 */
final class ColorDifference
{
    /** 25 to the power of 7. */
    private const POWER = 6103515625.0;

    /** @return float ΔE00, from 0 */
    public static function ciede2000(Lab $one, Lab $other): float
    {
        $meanChroma = ($one->chroma() + $other->chroma()) / 2;
        $stretch = 1.5 - 0.5 * sqrt($meanChroma ** 7 / ($meanChroma ** 7 + self::POWER));
        [$a1, $a2] = [$stretch * $one->a, $stretch * $other->a];
        [$c1, $c2] = [hypot($a1, $one->b), hypot($a2, $other->b)];
        [$h1, $h2] = [self::hue($a1, $one->b), self::hue($a2, $other->b)];
        $isGray = $c1 * $c2 == 0.0;

        $turn = $isGray
            ? 0.0
            : match (true) {
                abs($h2 - $h1) <= 180 => $h2 - $h1,
                $h2 > $h1 => $h2 - $h1 - 360,
                default => $h2 - $h1 + 360,
            };
        $byLightness = $other->lightness - $one->lightness;
        $byChroma = $c2 - $c1;
        $byHue = 2 * sqrt($c1 * $c2) * sin(deg2rad($turn / 2));

        $lightness = ($one->lightness + $other->lightness) / 2;
        $chroma = ($c1 + $c2) / 2;
        $hue = $isGray
            ? $h1 + $h2
            : match (true) {
                abs($h1 - $h2) <= 180 => ($h1 + $h2) / 2,
                $h1 + $h2 < 360 => ($h1 + $h2 + 360) / 2,
                default => ($h1 + $h2 - 360) / 2,
            };
        $weight =
            1 -
            0.17 * cos(deg2rad($hue - 30)) +
            0.24 * cos(deg2rad(2 * $hue)) +
            0.32 * cos(deg2rad(3 * $hue + 6)) -
            0.2 * cos(deg2rad(4 * $hue - 63));
        $off = ($lightness - 50) ** 2;
        $scaleLightness = 1 + (0.015 * $off) / sqrt(20 + $off);
        $scaleChroma = 1 + 0.045 * $chroma;
        $scaleHue = 1 + 0.015 * $chroma * $weight;
        $rotation =
            -sin(deg2rad(60 * exp(-((($hue - 275) / 25) ** 2)))) *
            2 *
            sqrt($chroma ** 7 / ($chroma ** 7 + self::POWER));

        return sqrt(
            ($byLightness / $scaleLightness) ** 2 +
                ($byChroma / $scaleChroma) ** 2 +
                ($byHue / $scaleHue) ** 2 +
                $rotation * ($byChroma / $scaleChroma) * ($byHue / $scaleHue),
        );
    }

    /** @return float degrees from 0 to below 360 */
    private static function hue(float $a, float $b): float
    {
        if ($a == 0.0 && $b == 0.0) {
            return 0.0;
        }
        $degrees = rad2deg(atan2($b, $a));

        return $degrees < 0 ? $degrees + 360 : $degrees;
    }
}
