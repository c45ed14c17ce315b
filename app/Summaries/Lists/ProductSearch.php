<?php

declare(strict_types=1);

namespace App\Summaries\Lists;

use Closure;
use Core\Product\SkuField;
use Core\Product\SkuFields;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/**
 * Which products are meant by what is typed: those that have a word that begins so for each of the words typed, in
 * name or code; or a SKU, a GTIN or a picture whose name begins with all of it.
 */
final readonly class ProductSearch
{
    /** So many products are looked up by each key; of more, each is asked itself in the order of the list. */
    private const FEW = 500;

    private const SHORTEST = 2;

    /** @param  list<string>  $words  folded */
    public function __construct(private string $typed, private array $words, private bool $isByNameOnly = false) {}

    /** The same by the words of names and codes alone. */
    public function byNameOnly(): self
    {
        return new self($this->typed, $this->words, true);
    }

    public static function of(string $typed): ?self
    {
        $typed = trim(mb_substr($typed, 0, 100));

        return $typed === '' ? null : new self($typed, SearchWords::of($typed));
    }

    /**
     * Narrows a query of product summaries. Where one key means many products, they are all that is shown: whoever
     * typed so little has more to type.
     *
     * @return ?int how many there are; null for more than are counted
     */
    public function narrow(Builder $query): ?int
    {
        $ids = [];
        foreach ($this->keys() as $source) {
            $found = $source()
                ->limit(self::FEW + 1)
                ->pluck('product_id')
                ->all();
            if (count($found) > self::FEW) {
                $column = $source()->columns[0] ?? 'product_id';
                // With a limit the database asks each product in the order of the list, and stops when the page is
                // full.
                $query->whereExists(
                    $source()
                        ->whereColumn(is_string($column) ? $column : 'product_id', 'product_summaries.product_id')
                        ->limit(1),
                );

                return null;
            }
            $ids += array_flip($found);
        }
        $query->whereIn('product_summaries.product_id', array_keys($ids));

        return count($ids);
    }

    /** @return list<Closure(): Builder> rows, each with the id of a product that is meant, by each key */
    private function keys(): array
    {
        $like = SearchWords::beginning($this->typed);
        $keys = $this->words === [] ? [] : [fn(): Builder => $this->byWords()];
        if (!$this->isByNameOnly && mb_strlen($this->typed) >= self::SHORTEST) {
            $columns = array_map(
                fn(SkuField $field): array => ['skus', $field->column()],
                SkuFields::searchedBy($this->typed),
            );
            foreach ([...$columns, ['placements', 'file_name']] as [$table, $column]) {
                $keys[] = fn(): Builder => DB::table($table)
                    ->where("{$table}.{$column}", 'like', $like)
                    ->select("{$table}.product_id");
            }
        }

        return $keys;
    }

    private function byWords(): Builder
    {
        // The longest word tells most: the others are asked of its products only.
        $words = $this->words;
        usort($words, fn(string $a, string $b): int => mb_strlen($b) <=> mb_strlen($a));
        $first = (string) array_shift($words);
        $query = DB::table('product_words')
            ->where('product_words.word', 'like', SearchWords::beginning($first))
            ->select('product_words.product_id');
        foreach ($words as $at => $word) {
            $query->whereExists(
                fn(Builder $other) => $other
                    ->from("product_words as word_{$at}")
                    ->whereColumn("word_{$at}.product_id", 'product_words.product_id')
                    ->where("word_{$at}.word", 'like', SearchWords::beginning($word)),
            );
        }

        return $query;
    }
}
