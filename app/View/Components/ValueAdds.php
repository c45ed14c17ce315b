<?php

declare(strict_types=1);

namespace App\View\Components;

use App\Models\Product;
use Core\Pricing\Adjustment;
use Illuminate\Contracts\View\View;
use Illuminate\View\Component;

/** What one value adds to the price of its SKUs, as a row of a table. */
final class ValueAdds extends Component
{
    public readonly string $amount;

    public readonly string $percent;

    /** @param string $range the prices of its SKUs, in words; empty where it has none */
    public function __construct(
        public readonly Product $product,
        public readonly int $id,
        public readonly string $label,
        ?Adjustment $adds,
        public readonly string $range,
    ) {
        $this->amount = $adds?->amount === null ? '' : Adjustment::again($adds->amount->amount);
        $this->percent = $adds?->percent === null ? '' : Adjustment::again($adds->percent);
    }

    public function render(): View
    {
        return view('components.value-adds');
    }
}
