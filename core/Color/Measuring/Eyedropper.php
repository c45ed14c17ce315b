<?php

declare(strict_types=1);

namespace Core\Color\Measuring;

use Core\Color\Lab;
use Core\Color\Srgb;

/** Takes the color of a patch of a picture: of what most of it shows, where that is evenly lit. */
final class Eyedropper
{
    public static function take(Sample $patch): PickedColor
    {
        $labs = $patch->evened(array_map(fn(int $pixel): Lab => Lab::of(Srgb::packed($pixel)), $patch->pixels));
        $group = ColorGroups::of(array_values($labs))[0];
        $all = count($labs);

        return new PickedColor(
            $group->color()->toSrgb(),
            $group->darker() / $all,
            $group->brighter() / $all,
            1 - $group->count() / $all,
        );
    }
}
