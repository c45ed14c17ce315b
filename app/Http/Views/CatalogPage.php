<?php

declare(strict_types=1);

namespace App\Http\Views;

use Illuminate\Contracts\Pagination\LengthAwarePaginator;

/** One page of the catalog. */
final readonly class CatalogPage
{
    /**
     * @param  list<CatalogRow>  $rows
     * @param  array<int, string>  $shotLists  id => name
     */
    public function __construct(
        public array $rows,
        public LengthAwarePaginator $pages,
        public string $search,
        public array $shotLists,
    ) {
    }
}
