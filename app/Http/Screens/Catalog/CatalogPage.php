<?php

declare(strict_types=1);

namespace App\Http\Screens\Catalog;

use App\Summaries\Lists\ListPage;
use App\Summaries\Lists\ListQuery;
use App\Summaries\Lists\ListSort;

/** One page of the catalog. */
final readonly class CatalogPage
{
    /**
     * @param  list<CatalogRow>  $rows
     * @param  array<string, array<string, int>>  $totals  facet => value => products
     * @param  array<int, string>  $shotLists  id => name
     * @param  int  $waiting  products that are still being counted
     * @param  string  $place  the route of the page that shows it
     */
    public function __construct(
        public array $rows,
        public ListPage $list,
        public ListQuery $asked,
        public array $totals,
        public array $shotLists,
        public int $waiting,
        public string $place = 'catalog',
    ) {}

    public function all(): int
    {
        return $this->totals['all'][''] ?? 0;
    }

    /** "8 products", "23 of 1,204 products", "more than 500 of 20,000 products". */
    public function countInWords(): string
    {
        $all = number_format($this->all()) . ($this->all() === 1 ? ' product' : ' products');
        if ($this->asked->search === '' && count($this->asked->filters) === 1) {
            $facet = (string) array_key_first($this->asked->filters);
            $value = in_array($facet, ListQuery::FLAGS, true)
                ? (string) array_key_first($this->totals[$facet] ?? ['' => 0])
                : $this->asked->filters[$facet];

            return number_format($this->totals[$facet][$value] ?? 0) . " of {$all}";
        }

        return match (true) {
            $this->asked->search === '' && $this->asked->filters === [] => $all,
            $this->list->found === null => $this->asked->search === '' ? "some of {$all}" : 'many of ' . $all,
            default => number_format($this->list->found) . " of {$all}",
        };
    }

    /**
     * The address of the same list with something else asked for, from its beginning.
     *
     * @param  array<string, ?string>  $with
     */
    public function address(array $with): string
    {
        return route(
            $this->place,
            array_filter(
                $with + [
                    'q' => $this->asked->search,
                    ...$this->asked->filters,
                    'sort' => $this->sort(),
                ],
                fn(?string $value): bool => $value !== null && $value !== '',
            ),
        );
    }

    /** The list of all pictures that the products meant here lack. */
    public function shootingAddress(): string
    {
        return route(
            'shooting-list',
            array_filter(
                ['q' => $this->asked->search, ...$this->asked->filters],
                fn(string $value): bool => $value !== '',
            ),
        );
    }

    /** Where all the products that are meant are changed at once. */
    public function bulkAddress(): string
    {
        return route(
            'batches.form',
            array_filter(
                ['q' => $this->asked->search, ...$this->asked->filters],
                fn(string $value): bool => $value !== '',
            ),
        );
    }

    /** How it is sorted, as the address says it; null for the usual way. */
    public function sort(): ?string
    {
        return $this->place === 'catalog' && $this->asked->sort === ListSort::Name && !$this->asked->descending
            ? null
            : ($this->asked->descending ? '-' : '') . $this->asked->sort->value;
    }

    /** The address that sorts by a column: first the way that is wanted more often, then the other. */
    public function sortedBy(ListSort $sort): string
    {
        $isNow = $this->asked->sort === $sort;
        $startsDown = !in_array(
            $sort,
            [ListSort::Name, ListSort::Code, ListSort::Coverage, ListSort::Price, ListSort::Stock],
            true,
        );

        return $this->address([
            'sort' => ($isNow ? !$this->asked->descending : $startsDown) ? "-{$sort->value}" : $sort->value,
        ]);
    }

    public function isSortedBy(ListSort $sort): string
    {
        return $this->asked->sort !== $sort ? 'none' : ($this->asked->descending ? 'descending' : 'ascending');
    }
}
