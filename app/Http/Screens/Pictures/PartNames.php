<?php

declare(strict_types=1);

namespace App\Http\Screens\Pictures;

use App\Store\Products\LoadedProduct;
use Core\Color\Swatches\Swatch;
use Core\Matrix\AxisKind;
use Core\Matrix\Combination;
use Core\Reach\Selection;

/** How a product's picture combinations are named on screen: in words, by a swatch, and as the board selects them. */
final readonly class PartNames
{
    public function __construct(private LoadedProduct $loaded) {}

    /** "Moss, Gauntlet" */
    public function label(Combination $part): string
    {
        return $this->loaded->core->matrix->inWordsOr($part, 'Whole product');
    }

    /** @return array{bool, ?Swatch} whether it has a color, and the swatch of it */
    public function swatch(Combination $part): array
    {
        foreach ($this->loaded->core->matrix->pictureAxes() as $axis) {
            if ($axis->kind === AxisKind::Color) {
                return [true, $this->loaded->core->library->swatches->of($part->value($axis->id) ?? 0)];
            }
        }

        return [false, null];
    }

    public function selected(Combination $part): string
    {
        return Selection::at($part)->key();
    }
}
