<?php

declare(strict_types=1);

namespace App\Summaries\Lists;

/** What somebody wants to see of the catalog: searched, filtered, sorted, and from where on. */
final readonly class ListQuery
{
    /** Facet => column of product_summaries; what is a yes or no is asked for by any value. */
    public const FACETS = [
        'state' => 'state',
        'stock' => 'stock_state',
        'category' => 'category',
        'tray' => 'has_tray',
        'price' => 'lacks_price',
    ];

    public const FLAGS = ['tray', 'price'];

    /** The facet whose value is the key of a view that is missing. */
    public const LACKS = 'lacks';

    /** Any view at all. */
    public const ANY = 'any';

    /**
     * @param  array<string, string>  $filters  facet => value
     * @param  ?string  $after  a place in the order, as ListPage gives it; null for the beginning
     * @param  ?string  $before  likewise: the page that ends there; "end" for the last page
     */
    public function __construct(
        public string $search = '',
        public array $filters = [],
        public ListSort $sort = ListSort::Name,
        public bool $descending = false,
        public ?string $after = null,
        public ?string $before = null,
    ) {}
}
