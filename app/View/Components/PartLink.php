<?php

declare(strict_types=1);

namespace App\View\Components;

use App\Http\Screens\Pictures\PartNames;
use App\Models\Product;
use Core\Color\Swatches\Swatch;
use Core\Matrix\Combination;
use Illuminate\Contracts\View\View;
use Illuminate\View\Component;

/** A part of a product, as a link to its cells on the board. */
final class PartLink extends Component
{
    public readonly string $label;

    public readonly string $selected;

    public readonly bool $isColor;

    public readonly ?Swatch $swatch;

    public function __construct(public readonly Product $product, PartNames $names, Combination $part)
    {
        $this->label = $names->label($part);
        $this->selected = $names->selected($part);
        $this->isColor = $names->haveColor();
        $this->swatch = $names->swatch($part);
    }

    public function render(): View
    {
        return view('components.part-link');
    }
}
