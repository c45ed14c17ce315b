<?php

declare(strict_types=1);

namespace Core\Matching\Names;

use Core\Gallery\View;
use Core\Matching\Exactness;

/** One thing that a word can stand for. */
final readonly class Meaning
{
    /**
     * @param  string  $word  the word it is known by, as the shop writes it
     * @param  ?int  $productId  of a product, of a SKU's product, or of a product that calls a value so
     */
    private function __construct(
        public MeaningKind $kind,
        public Exactness $exactness,
        public string $word,
        public ?int $productId = null,
        public ?int $skuId = null,
        public ?int $axisId = null,
        public ?int $valueId = null,
        public ?View $view = null,
    ) {}

    /** A SKU, by its code or its GTIN. */
    public static function sku(int $productId, int $skuId, string $code, bool $isGtin = false): self
    {
        return new self($isGtin ? MeaningKind::Gtin : MeaningKind::Sku, Exactness::Sku, $code, $productId, $skuId);
    }

    /** A product, by its code or its full name. */
    public static function product(int $productId, string $word): self
    {
        return new self(MeaningKind::Product, Exactness::Own, $word, $productId);
    }

    /** A word of a product's name or code. */
    public static function part(int $productId, string $word): self
    {
        return new self(MeaningKind::Part, Exactness::Part, $word, $productId);
    }

    /**
     * @param  Exactness  $exactness  Own for its code and name, Synonym for other words
     * @param  ?int  $productId  null where every product that has the value means it so
     */
    public static function value(
        int $axisId,
        int $valueId,
        string $word,
        Exactness $exactness = Exactness::Own,
        ?int $productId = null,
    ): self {
        return new self(MeaningKind::Value, $exactness, $word, $productId, null, $axisId, $valueId);
    }

    public static function view(View $view, string $word, Exactness $exactness = Exactness::Own): self
    {
        return new self(MeaningKind::View, $exactness, $word, view: $view);
    }

    /** Nothing of the goods, as somebody said. */
    public static function nothing(string $word): self
    {
        return new self(MeaningKind::Nothing, Exactness::Own, $word);
    }

    /** The same thing, by a word that is a letter away from its own. */
    public function bySlip(): self
    {
        return new self(
            $this->kind,
            Exactness::Slip,
            $this->word,
            $this->productId,
            $this->skuId,
            $this->axisId,
            $this->valueId,
            $this->view,
        );
    }

    /** The same for the same thing, by whatever word. */
    public function thing(): string
    {
        return "{$this->kind->value} {$this->productId} {$this->skuId} {$this->axisId} {$this->valueId} {$this->view?->key}";
    }
}
