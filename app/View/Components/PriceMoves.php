<?php

declare(strict_types=1);

namespace App\View\Components;

use App\Http\Screens\Few;
use Core\Details\Prices\PriceMove;
use Core\Details\Prices\PricePlan;
use Illuminate\Contracts\View\View;
use Illuminate\View\Component;

/** What becomes of prices: each once, with how many SKUs have it. */
final class PriceMoves extends Component
{
    /** @var Few<PriceMove> */
    public readonly Few $moves;

    /** How many SKUs have no price, and will have none. */
    public readonly int $without;

    public function __construct(PricePlan $plan)
    {
        $this->moves = Few::of($plan->moves, 60);
        $this->without = $plan->without;
    }

    public function render(): View
    {
        return view('components.price-moves');
    }
}
