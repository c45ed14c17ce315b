<?php

declare(strict_types=1);

namespace App\View\Components;

use App\Http\Screens\Catalog\CatalogPage;
use App\Http\Screens\Catalog\Column;
use Illuminate\Contracts\View\View;
use Illuminate\View\Component;

/** The heads of a table whose columns can be sorted by. */
final class SortedHeads extends Component
{
    /** @param list<Column> $columns */
    public function __construct(public readonly CatalogPage $page, public readonly array $columns) {}

    public function render(): View
    {
        return view('components.sorted-heads');
    }
}
