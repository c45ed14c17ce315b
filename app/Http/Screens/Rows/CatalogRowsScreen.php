<?php

declare(strict_types=1);

namespace App\Http\Screens\Rows;

use App\Summaries\Lists\ListQuery;

/** The SKUs of several products as rows. */
final readonly class CatalogRowsScreen
{
    /**
     * @param  int  $page  of products, from 0
     * @param  int  $pages  of products
     * @param  int  $products  that are meant
     * @param  string  $undo  what would be taken back; empty for nothing
     * @param  string  $redo  what would be made again; empty for nothing
     */
    public function __construct(
        public RowsTable $table,
        private ListQuery $asked,
        private int $page,
        private int $pages,
        public int $products,
        public string $undo,
        public string $redo,
    ) {}

    public function title(): string
    {
        return trans_choice('rows.of_products', $this->products, ['count' => $this->products]);
    }

    /** The address of this page, or of another, and of what is done from it. */
    public function address(?int $page = null, string $route = 'catalog.rows', string ...$more): string
    {
        return route(
            $route,
            array_filter(
                ['q' => $this->asked->search, ...$this->asked->filters, 'page' => (string) ($page ?? $this->page)],
                fn(string $value): bool => $value !== '' && $value !== '0',
            ) + $more,
        );
    }

    /** Where the products before these are; null on the first page. */
    public function earlier(): ?string
    {
        return $this->page > 0 ? $this->address($this->page - 1) : null;
    }

    /** Where the products after these are; null on the last page. */
    public function later(): ?string
    {
        return $this->page + 1 < $this->pages ? $this->address($this->page + 1) : null;
    }

    /** Rows that this page has no room for: those of a product with very many are on its own page. */
    public function hasMore(): bool
    {
        return $this->table->hasLater();
    }
}
