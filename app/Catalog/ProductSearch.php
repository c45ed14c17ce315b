<?php

declare(strict_types=1);

namespace App\Catalog;

use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/**
 * Which products are meant by what is typed: those that have a word that begins so for each of the words typed, in
 * name or code; or a SKU, a GTIN or a picture whose name begins with all of it.
 */
final readonly class ProductSearch
{
    /** So many products are looked up first; of more, each is asked itself in the order of the list. */
    public const FEW = 500;

    private const SHORTEST = 2;

    /** @param  list<string>  $words  folded */
    public function __construct(
        private string $typed,
        private array $words,
        private bool $isByNameOnly = false,
    ) {
    }

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
     * Narrows a query of product summaries.
     *
     * @return ?int how many there are; null for more than are counted
     */
    public function narrow(Builder $query): ?int
    {
        $ids = $this->few();
        if ($ids === null) {
            $query->where(fn (Builder $either) => $this->ask($either));

            return null;
        }
        $query->whereIn('product_summaries.product_id', $ids);

        return count($ids);
    }

    /** @return ?list<int> ids of the products meant; null where there are more than a few */
    private function few(): ?array
    {
        $ids = [];
        foreach ($this->sources() as $source) {
            $ids += array_flip($source->distinct()->limit(self::FEW + 1)->pluck('product_id')->all());
            if (count($ids) > self::FEW) {
                return null;
            }
        }

        return array_keys($ids);
    }

    /** @return list<Builder> */
    private function sources(): array
    {
        $like = addcslashes($this->typed, '%_\\').'%';
        $sources = $this->words === [] ? [] : [$this->byWords()];
        if (! $this->isByNameOnly && mb_strlen($this->typed) >= self::SHORTEST) {
            $sources[] = DB::table('skus')->where('code', 'like', $like)->select('product_id');
            $sources[] = DB::table('placements')->where('file_name', 'like', $like)->select('product_id');
            if (ctype_digit($this->typed)) {
                $sources[] = DB::table('skus')->where('gtin', 'like', $like)->select('product_id');
            }
        }

        return $sources;
    }

    private function byWords(): Builder
    {
        // The longest word tells most: the others are asked of its products only.
        $words = $this->words;
        usort($words, fn (string $a, string $b): int => mb_strlen($b) <=> mb_strlen($a));
        $first = array_shift($words);
        $query = DB::table('product_words')->where('product_words.word', 'like', addcslashes($first, '%_\\').'%')->select('product_words.product_id');
        foreach ($words as $at => $word) {
            $query->whereExists(fn (Builder $other) => $other->from("product_words as word_{$at}")->whereColumn("word_{$at}.product_id", 'product_words.product_id')->where("word_{$at}.word", 'like', addcslashes($word, '%_\\').'%'));
        }

        return $query;
    }

    private function ask(Builder $either): void
    {
        $either->where(function (Builder $named): void {
            if ($this->words === []) {
                $named->whereRaw('false');
            }
            foreach ($this->words as $word) {
                $named->whereExists(fn (Builder $has) => $has->from('product_words')->whereColumn('product_words.product_id', 'product_summaries.product_id')->where('product_words.word', 'like', addcslashes($word, '%_\\').'%'));
            }
        });
        $like = addcslashes($this->typed, '%_\\').'%';
        foreach ($this->isByNameOnly ? [] : ['skus' => 'code', 'placements' => 'file_name'] as $table => $column) {
            $either->orWhereExists(fn (Builder $has) => $has->from($table)->whereColumn("{$table}.product_id", 'product_summaries.product_id')->where("{$table}.{$column}", 'like', $like));
        }
    }
}
