<?php

declare(strict_types=1);

namespace Core\Matching\Shoots;

use Core\Gallery\View;
use Core\Gallery\Views;
use Core\Matching\Cards\CardCode;
use Core\Matching\Names\KnownProduct;
use Core\Matrix\Combination;

/** What a slate card that is seen in a picture says of those taken after it. */
final readonly class FoundCard
{
    /**
     * @param  Combination  $part  one that names nothing is the whole product
     * @param  ?View  $view  null where the card stands for every view
     * @param  list<View>  $views  what is photographed after it, in the order of the shot list
     * @param  string  $words  what it stands for: "Potting smock, Moss"
     */
    private function __construct(
        public int $productId,
        public Combination $part,
        public ?View $view,
        public array $views,
        public string $words,
    ) {}

    /** @return ?self null where the product has a value of the card no more */
    public static function of(CardCode $code, KnownProduct $product, Views $views): ?self
    {
        $values = [];
        foreach ($code->valueIds as $valueId) {
            $axis = $product->matrix->axisOf($valueId);
            if ($axis === null) {
                return null;
            }
            $values[$axis->id] = $valueId;
        }
        $part = Combination::of($values);
        $view = $views->find($code->viewKey);
        $words = $product->matrix->inWordsOr($part, '');

        return new self(
            $product->id,
            $part,
            $view,
            $view === null ? self::photographed($product, $part) : [$view],
            implode(
                ', ',
                array_filter([$product->name, $words, $view->name ?? ''], fn(string $one): bool => $one !== ''),
            ),
        );
    }

    /** @return list<View> as CardDeck prints them on the card */
    private static function photographed(KnownProduct $product, Combination $part): array
    {
        return array_values(
            array_filter($product->views, fn(View $view): bool => $view->showing->isOfAll() === ($part->values === [])),
        );
    }
}
