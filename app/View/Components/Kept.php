<?php

declare(strict_types=1);

namespace App\View\Components;

use App\Http\Person;
use App\Http\Screens\HistoryBar;
use App\Models\HistoryEntry;
use App\Models\HistoryOwner;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Illuminate\View\Component;

/** What was kept last of a product or of the library, with Undo and Redo. */
final class Kept extends Component
{
    public readonly HistoryBar $kept;

    /**
     * @param bool $swap whether it takes the place of the one on the page
     * @param ?HistoryEntry $after the change of one's own that was just made
     */
    public function __construct(
        Request $request,
        public readonly HistoryOwner $of,
        public readonly bool $swap = false,
        ?HistoryEntry $after = null,
    ) {
        $this->kept = $after === null ? HistoryBar::of($of, Person::of($request)) : HistoryBar::after($after);
    }

    public function render(): View
    {
        return view('components.kept');
    }
}
