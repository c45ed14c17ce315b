<?php

declare(strict_types=1);

namespace App\Summaries\Lists;

use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use stdClass;

/** The catalog's list: read from the kept counts alone, a page at a time, from a place in the order on. */
final class ProductList
{
    public const PAGE = 20;

    private const END = 'end';

    private const CHUNK = 1_000;

    public function page(ListQuery $asked): ListPage
    {
        $search = ProductSearch::of($asked->search);
        $meant = null;
        $found = $this->rows($asked, $search);
        if ($found[0] === [] && $search !== null) {
            $meant = $this->meant($asked->search, $asked->filters === []);
            $found = $meant === null ? $found : $this->rows($asked, ProductSearch::of($meant));
        }
        [$rows, $count, $hasEarlier, $hasLater] = $found;
        $last = count($rows) - 1;

        return new ListPage(
            array_map(ListedProduct::of(...), $rows),
            $count,
            $hasEarlier && $rows !== [] ? $this->place($rows[0], $asked->sort) : null,
            $hasLater && $rows !== [] ? $this->place($rows[$last], $asked->sort) : null,
            $meant,
        );
    }

    /**
     * @return list<ListedProduct> products with the words typed in name or code, by name; with words a slip away where
     *     there are none
     */
    public function named(string $typed): array
    {
        $search = ProductSearch::of($typed);
        if ($search === null) {
            return [];
        }
        $rows = $this->rows(new ListQuery($typed), $search->byNameOnly())[0];
        $meant = $rows === [] ? $this->meant($typed, true) : null;

        if ($meant !== null) {
            $rows = $this->rows(new ListQuery($meant), ProductSearch::of($meant)?->byNameOnly())[0];
        }

        return array_map(ListedProduct::of(...), $rows);
    }

    /**
     * The words typed, each that no product has read as one that it is a slip away from; null where that helps nothing.
     *
     * @param  bool  $areUnknown  whether no product has all of them: of a single word it is known then
     */
    private function meant(string $typed, bool $areUnknown): ?string
    {
        $words = SearchWords::of($typed);
        $isUnknown = $areUnknown && count($words) === 1;
        $isKnown = fn(string $word): bool => ctype_digit($word) || (!$isUnknown && SearchWords::isKnown($word));
        $meant = array_map(
            fn(string $word): string => $isKnown($word) ? $word : SearchWords::near($word) ?? $word,
            $words,
        );

        return $meant === $words ? null : implode(' ', $meant);
    }

    /** How many products are meant, whatever page is shown. */
    public function count(ListQuery $asked): int
    {
        return $this->all($asked)->count();
    }

    /** @return iterable<int> ids of all products that are meant */
    public function ids(ListQuery $asked): iterable
    {
        foreach (
            $this->all($asked)
                ->select('product_summaries.product_id')
                ->lazyById(self::CHUNK, 'product_summaries.product_id', 'product_id')
            as $row
        ) {
            yield $row->product_id;
        }
    }

    private function all(ListQuery $asked): Builder
    {
        $query = $this->filtered($asked);
        $search = ProductSearch::of($asked->search);
        if ($search !== null && $search->narrow($query) === 0) {
            $meant = $this->meant($asked->search, true);
            $query = $this->filtered($asked);
            ProductSearch::of($meant ?? $asked->search)?->narrow($query);
        }

        return $query
            ->join('products', 'products.id', '=', 'product_summaries.product_id')
            ->whereNull('products.removed_at');
    }

    private function filtered(ListQuery $asked): Builder
    {
        $query = DB::table('product_summaries')->where('product_summaries.is_removed', false);
        foreach ($asked->filters as $facet => $value) {
            if ($facet === ListQuery::LACKS) {
                // With a limit it is asked of each product in the order of the list, until the page is full.
                $query->whereExists(
                    fn(Builder $lacking) => $lacking
                        ->from('coverage_summaries')
                        ->whereColumn('coverage_summaries.product_id', 'product_summaries.product_id')
                        ->when($value !== ListQuery::ANY, fn(Builder $of) => $of->where('view', $value))
                        ->where('missing', '>', 0)
                        ->limit(1),
                );

                continue;
            }
            $query->where(
                'product_summaries.' . ListQuery::FACETS[$facet],
                in_array($facet, ListQuery::FLAGS, true) ? true : $value,
            );
        }

        return $query;
    }

    /**
     * @return array{list<stdClass>, ?int, bool, bool} rows, how many there are in all, whether there are earlier and
     *   later ones
     */
    private function rows(ListQuery $asked, ?ProductSearch $search): array
    {
        $query = $this->filtered($asked);
        $isNarrowed = $asked->filters !== [];
        $count = $search?->narrow($query);
        if ($count === 0) {
            return [[], 0, false, false];
        }
        if ($search !== null && $isNarrowed && $count !== null) {
            $count = (clone $query)->count();
        }
        $backwards = $asked->before !== null;
        $column = 'product_summaries.' . $asked->sort->column();
        $place = $this->placed($backwards ? $asked->before : $asked->after);
        if ($place !== null) {
            $this->from($query, $column, $place, $asked->descending !== $backwards);
        }
        $way = $asked->descending !== $backwards ? 'desc' : 'asc';
        // The index alone says which; only the rows of the page are read.
        $ids = $query
            ->orderBy($column, $way)
            ->orderBy('product_summaries.product_id', $way)
            ->limit(self::PAGE + 1)
            ->pluck('product_summaries.product_id')
            ->all();
        $hasMore = count($ids) > self::PAGE;
        $rows = $this->read(array_slice(array_values($ids), 0, self::PAGE));

        return $backwards
            ? [array_reverse($rows), $count, $hasMore, $asked->before !== self::END]
            : [$rows, $count, $place !== null, $hasMore];
    }

    /**
     * @param  list<int>  $ids
     * @return list<stdClass> in their order, but for those that were removed just now
     */
    private function read(array $ids): array
    {
        $rows = DB::table('product_summaries')
            ->join('products', 'products.id', '=', 'product_summaries.product_id')
            ->whereIn('product_summaries.product_id', $ids)
            ->whereNull('products.removed_at')
            ->get([
                'product_summaries.*',
                'products.name as live_name',
                'products.code as live_code',
                'products.category as live_category',
            ])
            ->keyBy('product_id');

        return array_values(array_filter(array_map(fn(int $id): ?stdClass => $rows[$id] ?? null, $ids)));
    }

    /** @param  array{string, int}  $place */
    private function from(Builder $query, string $column, array $place, bool $down): void
    {
        [$beyond, $or] = $down ? ['<', '<='] : ['>', '>='];
        $query
            ->where($column, $or, $place[0])
            ->where(
                fn(Builder $either) => $either
                    ->where($column, $beyond, $place[0])
                    ->orWhere('product_summaries.product_id', $beyond, $place[1]),
            );
    }

    private function place(stdClass $row, ListSort $sort): string
    {
        return rtrim(
            strtr(
                base64_encode(json_encode([(string) $row->{$sort->column()}, $row->product_id], JSON_THROW_ON_ERROR)),
                '+/',
                '-_',
            ),
            '=',
        );
    }

    /** @return ?array{string, int} null for the beginning or the end, and for what is no place */
    private function placed(?string $place): ?array
    {
        $read = json_decode((string) base64_decode(strtr((string) $place, '-_', '+/'), true), true, 2);

        return is_array($read) && is_string($read[0] ?? null) && is_int($read[1] ?? null) ? [$read[0], $read[1]] : null;
    }
}
