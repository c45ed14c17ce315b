<?php

declare(strict_types=1);

namespace Core\Color\Names;

use Core\Color\ColorDifference;
use Core\Color\Lab;
use Core\Color\Srgb;

/** Names for colors: the shop's own first, then those of an open list. */
final readonly class NamedColors
{
    /** Those that are nearest by the plain distance are held against each other by ΔE00. */
    private const LOOKED_AT = 60;

    /** ΔE00 by which a name of the shop's own may be farther and still come first. */
    private const OWN_AHEAD = 3.0;

    /** @param  list<NamedColor>  $all */
    public function __construct(private array $all) {}

    /** @return list<NearColor> the nearest first */
    public function near(Srgb $color, int $most): array
    {
        $lab = Lab::of($color);
        $labs = array_map(fn(NamedColor $named): Lab => Lab::of($named->color), $this->all);
        $plain = array_map(
            fn(Lab $other, NamedColor $named): float => $lab->distance($other) -
                ($named->isOwn ? self::OWN_AHEAD : 0.0),
            $labs,
            $this->all,
        );
        asort($plain);
        $near = array_map(
            fn(int $at): NearColor => new NearColor($this->all[$at], ColorDifference::ciede2000($lab, $labs[$at])),
            array_keys(array_slice($plain, 0, self::LOOKED_AT, true)),
        );
        $rank = fn(NearColor $one): float => $one->distance - ($one->named->isOwn ? self::OWN_AHEAD : 0.0);
        usort($near, fn(NearColor $one, NearColor $other): int => $rank($one) <=> $rank($other));

        return array_slice($near, 0, $most);
    }
}
