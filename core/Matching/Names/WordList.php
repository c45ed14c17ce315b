<?php

declare(strict_types=1);

namespace Core\Matching\Names;

use Core\Matrix\Combination;
use Core\Text\EditDistance;
use Core\Text\NearWords;
use Core\Text\WordForms;

/** A lexicon held in memory: of one product, of those that some names may mean, or of a small shop. */
final class WordList implements Lexicon
{
    /** @var array<string, array<string, Meaning>> bare word => thing => meaning */
    private array $meanings = [];

    /** @var array<string, list<string>> a word less one letter => words it came from */
    private array $nearby = [];

    /** @var array<int, KnownProduct> by id */
    private array $products = [];

    /** @var array<int, Combination> by SKU id */
    private array $skus = [];

    /** @var array<int, list<string>> value id => words for it, as written */
    private array $words = [];

    /** @var array<int, int> value id => the one product that has it */
    private array $only = [];

    /** The word in all its forms; of two meanings of one thing the more exact is kept. */
    public function add(string $word, Meaning $meaning): void
    {
        if ($meaning->valueId !== null && $meaning->productId === null) {
            $this->words[$meaning->valueId][] = $word;
        }
        foreach (WordForms::of($word) as $form) {
            if (!isset($this->meanings[$form]) && WordForms::isReadBySlip($form)) {
                foreach (NearWords::variantsOf($form) as $variant) {
                    $this->nearby[$variant][] = $form;
                }
            }
            $thing = $meaning->thing();
            $known = $this->meanings[$form][$thing] ?? null;
            if ($known === null || $known->exactness->confidence() < $meaning->exactness->confidence()) {
                $this->meanings[$form][$thing] = $meaning;
            }
        }
    }

    public function addProduct(KnownProduct $product): void
    {
        $this->products[$product->id] = $product;
    }

    public function addSku(int $skuId, Combination $cell): void
    {
        $this->skus[$skuId] = $cell;
    }

    public function addOnlyWith(int $valueId, int $productId): void
    {
        $this->only[$valueId] = $productId;
    }

    public function exactly(string $bare): array
    {
        return array_values($this->meanings[$bare] ?? []);
    }

    public function nearly(string $bare): array
    {
        $meanings = [];
        foreach (WordForms::isReadBySlip($bare) ? NearWords::variantsOf($bare) : [] as $variant) {
            foreach ($this->nearby[$variant] ?? [] as $word) {
                if ($word !== $bare && EditDistance::atMostOne($word, $bare)) {
                    foreach ($this->meanings[$word] as $thing => $meaning) {
                        $meanings[$thing] = $meaning->bySlip();
                    }
                }
            }
        }

        return array_values($meanings);
    }

    public function words(int $valueId): array
    {
        return $this->words[$valueId] ?? [];
    }

    public function product(int $productId): ?KnownProduct
    {
        return $this->products[$productId] ?? null;
    }

    public function onlyWith(int $valueId): ?int
    {
        return $this->only[$valueId] ?? null;
    }

    public function sku(int $skuId): ?Combination
    {
        return $this->skus[$skuId] ?? null;
    }
}
