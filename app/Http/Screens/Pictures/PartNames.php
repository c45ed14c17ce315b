<?php

declare(strict_types=1);

namespace App\Http\Screens\Pictures;

use App\Store\Products\LoadedProduct;
use Core\Color\Swatches\Swatch;
use Core\Matrix\Axis;
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
        return $this->loaded->core->matrix->inWordsOr($part, __('pictures.whole_product'));
    }

    public function haveColor(): bool
    {
        return $this->colorAxis() !== null;
    }

    /** Of the color that the part is; null where it has none, or its value no swatch. */
    public function swatch(Combination $part): ?Swatch
    {
        $axis = $this->colorAxis();

        return $axis === null ? null : $this->loaded->core->library->swatches->of($part->value($axis->id) ?? 0);
    }

    private function colorAxis(): ?Axis
    {
        foreach ($this->loaded->core->matrix->pictureAxes() as $axis) {
            if ($axis->kind === AxisKind::Color) {
                return $axis;
            }
        }

        return null;
    }

    public function selected(Combination $part): string
    {
        return Selection::at($part)->key();
    }
}
