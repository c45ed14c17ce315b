<?php

declare(strict_types=1);

namespace Core\Checks;

use Core\Color\Contrast;
use Core\Color\Deficiency;
use Core\Color\Lab;
use Core\Color\Srgb;
use Core\Color\Swatches\Swatch;
use Core\Color\Swatches\SwatchDistance;
use Core\Matrix\AxisDisplay;
use Core\Matrix\Value;

/** Holds the swatches of an axis against each other, against their pictures and against the ground they are seen on. */
final class SwatchChecks
{
    /** ΔE00 below which two swatches are too alike. */
    public const ALIKE = 3.0;

    /** ΔE00 from its pictures beyond which a swatch promises another color. */
    public const FAR = 10.0;

    /**
     * L* beyond which two colors are farther than ALIKE from each other whatever their hue: CIEDE2000 divides it by
     * 1.75 at most.
     */
    private const OTHER_LIGHT = 1.75 * self::ALIKE;

    /** Contrast to the ground below which a swatch is hardly seen. */
    private const HARDLY_SEEN = 1.15;

    /** @return list<Finding> what needs a person first */
    public static function of(AxisColors $colors): array
    {
        $mislabeled = self::mislabeled($colors);

        return [
            ...self::missing($colors),
            ...$mislabeled,
            ...self::alike($colors),
            ...self::far(
                $colors,
                array_values(array_filter(array_map(fn(Finding $finding): ?int => $finding->placementId, $mislabeled))),
            ),
            ...self::hardlySeen($colors),
        ];
    }

    /** @return list<Finding> pictures that look like another value than the one they are linked to */
    public static function mislabeled(AxisColors $colors): array
    {
        $findings = [];
        foreach ($colors->pictures as $picture) {
            $own = $picture->isTold() ? $colors->against($picture, $picture->valueId) : null;
            // Nothing can be nearer by so much where it is as near as that.
            if ($own === null || $own < SwatchDistance::NEARER) {
                continue;
            }
            [$nearest, $least] = [null, SwatchDistance::OF_CLOTH];
            foreach ($colors->axis->values as $value) {
                $distance = $value->id === $picture->valueId ? null : $colors->against($picture, $value->id);
                if ($distance !== null && $distance <= $least) {
                    [$nearest, $least] = [$value, $distance];
                }
            }
            if (
                $nearest !== null &&
                $own - $least >= SwatchDistance::NEARER &&
                !self::showsItsOwn($colors, $picture, $nearest->id)
            ) {
                $findings[] = new Finding(
                    SwatchCheck::Mislabeled,
                    "{$picture->file} is linked to " .
                        ($colors->axis->value($picture->valueId)->label ?? 'another color') .
                        " and looks like {$nearest->label}.",
                    valueIds: [$picture->valueId, $nearest->id],
                    distance: $colors->distance($picture),
                    placementId: $picture->placementId,
                );
            }
        }

        return $findings;
    }

    /**
     * Whether the color of its value is seen somewhere in it, if not mainly: leather on a palm, the lining of a back. A
     * trim that the other value has as well says nothing.
     */
    private static function showsItsOwn(AxisColors $colors, ValuePicture $picture, int $otherId): bool
    {
        [$own, $other] = [$colors->lit($picture->valueId), $colors->lit($otherId)];
        if ($own === null) {
            return false;
        }
        foreach (array_slice($colors->telling($picture), 1) as $share) {
            $toOwn = SwatchDistance::ofColor($share->color, $own);
            $toOther = $other === null ? INF : SwatchDistance::ofColor($share->color, $other);
            if (
                $share->share >= SwatchDistance::TRIM &&
                $toOwn <= SwatchDistance::OF_CLOTH / 2 &&
                $toOther - $toOwn >= SwatchDistance::NEARER / 2
            ) {
                return true;
            }
        }

        return false;
    }

    /** @return list<Finding> */
    private static function missing(AxisColors $colors): array
    {
        $what = $colors->axis->display === AxisDisplay::PictureSwatches ? 'picture swatch' : 'swatch';

        return array_map(
            fn(Value $value): Finding => new Finding(
                SwatchCheck::Missing,
                "{$value->label} has no {$what}; shoppers see its name alone.",
                valueIds: [$value->id],
            ),
            self::lacking($colors),
        );
    }

    /** @return list<Value> values that lack what shoppers are to see of them */
    public static function lacking(AxisColors $colors): array
    {
        $display = $colors->axis->display;

        return array_values(
            array_filter(
                $colors->axis->values,
                fn(Value $value): bool => $display->hasSwatches() && !$display->isServedBy($colors->swatch($value->id)),
            ),
        );
    }

    /** @return list<Finding> */
    private static function alike(AxisColors $colors): array
    {
        $values = array_values(
            array_filter($colors->axis->values, fn(Value $value): bool => $colors->swatch($value->id) !== null),
        );
        $looks = ['' => array_map(fn(Value $value): Swatch => $colors->swatches[$value->id], $values)];
        foreach (Deficiency::cases() as $deficiency) {
            $looks[$deficiency->inWords()] = array_map(
                fn(Swatch $swatch): Swatch => self::seen($swatch, $deficiency),
                $looks[''],
            );
        }
        $lights = array_map(
            fn(array $swatches): array => array_map(
                fn(Swatch $swatch): float => Lab::of($swatch->main())->lightness,
                $swatches,
            ),
            $looks,
        );
        $findings = [];
        foreach ($values as $at => $one) {
            for ($next = $at + 1; $next < count($values); $next++) {
                $alike = [];
                foreach ($looks as $eyes => $swatches) {
                    if (abs($lights[$eyes][$at] - $lights[$eyes][$next]) < self::OTHER_LIGHT) {
                        $distance = SwatchDistance::between($swatches[$at], $swatches[$next]);
                        $alike += $distance < self::ALIKE ? [$eyes => $distance] : [];
                    }
                }
                if ($alike !== []) {
                    $findings[] = self::pair($one, $values[$next], $alike);
                }
            }
        }

        return $findings;
    }

    /**
     * @param  non-empty-array<string, float>  $alike  how near they are to each other, by whose eyes; '' for
     *   everybody's
     */
    private static function pair(Value $one, Value $other, array $alike): Finding
    {
        return isset($alike[''])
            ? new Finding(
                SwatchCheck::Alike,
                "{$one->label} and {$other->label} can hardly be told apart.",
                valueIds: [$one->id, $other->id],
                distance: $alike[''],
            )
            : new Finding(
                SwatchCheck::AlikeWithout,
                "{$one->label} and {$other->label} look alike " .
                    implode(' and ', array_keys($alike)) .
                    '; only their names tell them apart.',
                valueIds: [$one->id, $other->id],
                distance: min($alike),
            );
    }

    /** A swatch as it looks to whom a kind of cone lacks. */
    public static function seen(Swatch $swatch, Deficiency $deficiency): Swatch
    {
        return $swatch->turned($deficiency->seen(...));
    }

    /**
     * @param  list<int>  $accused  placements of pictures that look like another value
     * @return list<Finding>
     */
    private static function far(AxisColors $colors, array $accused): array
    {
        $findings = [];
        foreach ($colors->axis->values as $value) {
            $middle = $colors->middleDistance($value->id, $accused);
            if ($middle !== null && $middle > self::FAR) {
                $pictures = count(
                    array_filter(
                        $colors->told($value->id),
                        fn(ValuePicture $picture): bool => !in_array($picture->placementId, $accused, true),
                    ),
                );
                $findings[] = new Finding(
                    SwatchCheck::Far,
                    "The swatch of {$value->label} is not the color that its " .
                        ($pictures === 1 ? 'picture shows' : "{$pictures} pictures show") .
                        '.',
                    valueIds: [$value->id],
                    distance: $middle,
                );
            }
        }

        return $findings;
    }

    /** @return list<Finding> */
    private static function hardlySeen(AxisColors $colors): array
    {
        $findings = [];
        $white = new Srgb(255, 255, 255);
        $onButtons = $colors->axis->display === AxisDisplay::Buttons;
        foreach ($colors->axis->values as $value) {
            $swatch = $colors->swatch($value->id);
            if ($swatch === null) {
                continue;
            }
            if (
                max(array_map(fn(Srgb $color): float => Contrast::ratio($white, $color), $swatch->colors)) <
                self::HARDLY_SEEN
            ) {
                $findings[] = new Finding(
                    SwatchCheck::HardlySeen,
                    "{$value->label} is hardly seen on a white page; an outline is drawn around it.",
                    valueIds: [$value->id],
                );
            }
            $contrast = Contrast::least(Contrast::textOn($swatch->colors), $swatch->colors);
            if ($onButtons && $contrast < Contrast::TEXT) {
                $findings[] = new Finding(
                    SwatchCheck::HardlyRead,
                    "{$value->label} has no color of text that is read well on all of its button (contrast " .
                        number_format($contrast, 1) .
                        ' of ' .
                        number_format(Contrast::TEXT, 1) .
                        '); its name stands beside the color.',
                    valueIds: [$value->id],
                );
            }
        }

        return $findings;
    }
}
