<?php

declare(strict_types=1);

namespace App\Http\Screens\Catalog;

use App\Http\Screens\CategoryPath;
use App\Summaries\Lists\ListPage;
use App\Summaries\Lists\ListQuery;
use App\Summaries\Lists\ListSort;
use Core\Product\Completeness;
use Core\Product\StockState;
use LogicException;

/** One page of the catalog. */
final readonly class CatalogPage
{
    /**
     * @param  list<CatalogRow>  $rows
     * @param  array<string, array<string, int>>  $totals  facet => value => products
     * @param  array<int, string>  $shotLists  id => name
     * @param  int  $waiting  products that are still being counted
     * @param  array<string, string>  $viewNames  key => name, in the library's order
     * @param  string  $place  the route of the page that shows it
     */
    public function __construct(
        public array $rows,
        public ListPage $list,
        public ListQuery $asked,
        public array $totals,
        public array $shotLists,
        public int $waiting,
        private array $viewNames,
        public string $place = 'catalog',
    ) {}

    public function all(): int
    {
        return $this->total('all', '');
    }

    public function total(string $facet, string $value): int
    {
        return $this->totals[$facet][$value] ?? 0;
    }

    /**
     * What the list can be narrowed to by one facet: what any product has, and what is chosen now.
     *
     * @param "state"|"stock"|"category"|"lacks" $facet
     * @return list<FilterOption>
     */
    public function options(string $facet): array
    {
        $options = [];
        foreach ($this->optionLabels($facet) as $value => $label) {
            $option = new FilterOption(
                (string) $value,
                $label,
                $this->total($facet, (string) $value),
                ($this->asked->filters[$facet] ?? '') === (string) $value,
            );
            if ($option->value !== '' && ($option->products > 0 || $option->isChosen)) {
                $options[] = $option;
            }
        }

        return $options;
    }

    /** @return list<Column> */
    public function columns(): array
    {
        $column = fn(string $label, ?ListSort $sort = null, string $class = ''): Column => new Column(
            __("catalog.column_{$label}"),
            $sort,
            $class,
        );

        return [
            $column('product', ListSort::Name),
            $column('colors'),
            $column('sizes'),
            $column('skus', ListSort::Skus, 'number'),
            $column('pictures', ListSort::Pictures, 'number'),
            $column('complete', ListSort::Coverage),
            $column('price', ListSort::Price, 'number'),
            $column('stock', ListSort::Stock, 'number'),
            $column('changed', ListSort::Changed, 'number'),
        ];
    }

    /** "8 products", "23 of 1,204 products", "more than 500 of 20,000 products". */
    public function countInWords(): string
    {
        $all = trans_choice('catalog.products', $this->all());
        if ($this->asked->search === '' && count($this->asked->filters) === 1) {
            $facet = (string) array_key_first($this->asked->filters);
            $value = in_array($facet, ListQuery::FLAGS, true)
                ? (string) array_key_first($this->totals[$facet] ?? ['' => 0])
                : $this->asked->filters[$facet];

            return __('catalog.some_of_all', ['some' => $this->total($facet, $value), 'all' => $all]);
        }

        return match (true) {
            $this->asked->search === '' && $this->asked->filters === [] => $all,
            $this->list->found === null => __($this->asked->search === '' ? 'catalog.few_of' : 'catalog.many_of', [
                'all' => $all,
            ]),
            default => __('catalog.some_of_all', ['some' => $this->list->found, 'all' => $all]),
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
        return route('batches.form', $this->filters());
    }

    /** Where their SKUs are shown as rows. */
    public function rowsAddress(): string
    {
        return route('catalog.rows', $this->filters());
    }

    /** Where these products are written as a sheet. */
    public function sheetAddress(): string
    {
        return route('catalog.sheet', $this->filters());
    }

    /** @return array<string, string> as an address says them */
    private function filters(): array
    {
        return array_filter(
            ['q' => $this->asked->search, ...$this->asked->filters],
            fn(string $value): bool => $value !== '',
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

    /** @return array<string, string> value => label */
    private function optionLabels(string $facet): array
    {
        $inWords = fn(Completeness|StockState $case): string => $case->inWords();

        return match ($facet) {
            'state' => array_map($inWords, array_column(Completeness::cases(), null, 'value')),
            'stock' => array_map($inWords, array_column(StockState::cases(), null, 'value')),
            'category' => array_combine(
                array_keys($this->totals['category'] ?? []),
                array_map(
                    CategoryPath::shown(...),
                    array_map(strval(...), array_keys($this->totals['category'] ?? [])),
                ),
            ),
            'lacks' => $this->viewNames,
            default => throw new LogicException("A list is not narrowed by {$facet}."),
        };
    }
}
