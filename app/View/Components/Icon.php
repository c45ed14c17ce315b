<?php

declare(strict_types=1);

namespace App\View\Components;

use App\Http\Screens\Icons;
use Illuminate\Contracts\View\View;
use Illuminate\View\Component;

/** One of the shipped icons; it says nothing, what it stands beside does. */
final class Icon extends Component
{
    public readonly string $drawing;

    public function __construct(string $name)
    {
        $this->drawing = Icons::svg($name);
    }

    public function render(): View
    {
        return view('components.icon');
    }
}
