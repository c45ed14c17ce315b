<?php

declare(strict_types=1);

namespace App\View\Components;

use App\Summaries\Coverage\ViewCoverage;
use Illuminate\Contracts\View\View;
use Illuminate\View\Component;

/** How much of what a view asks for is there: full height, half where shared, an outline where missing. */
final class CoverBar extends Component
{
    private const WIDTH = 60;

    public readonly float $there;

    public readonly float $sharedFrom;

    public readonly float $shared;

    public readonly string $need;

    public function __construct(ViewCoverage $kept)
    {
        $all = max(1, $kept->parts());
        $there = (self::WIDTH * $kept->there) / $all;
        $this->there = round($there, 2);
        $this->sharedFrom = round(1 + $there, 2);
        $this->shared = round((self::WIDTH * $kept->shared) / $all, 2);
        $this->need = $kept->need->value;
    }

    public function render(): View
    {
        return view('components.cover-bar');
    }
}
