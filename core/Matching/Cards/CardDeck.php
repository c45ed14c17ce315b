<?php

declare(strict_types=1);

namespace Core\Matching\Cards;

use Core\Gallery\Coverage\Coverage;
use Core\Gallery\Coverage\CoverageCell;
use Core\Gallery\View;
use Core\Matrix\Axis;
use Core\Matrix\Combination;
use Core\Matrix\Matrix;

/**
 * The slate cards of a product: one for each picture combination, with the views that are photographed after it. What
 * shows the whole product, such as its packaging, has a card of its own.
 */
final readonly class CardDeck
{
    /** @param  int  $seal  as CardCode takes it */
    public function __construct(private int $productId, private int $seal) {}

    /**
     * @param  list<Combination>  $cells  made cells that are to be photographed, in the product's order
     * @param  list<View>  $views  that are wanted, in the order of the shot list
     * @return list<SlateCard> in the product's order
     */
    public function of(Matrix $matrix, array $cells, array $views): array
    {
        $axisIds = array_map(fn(Axis $axis): int => $axis->id, $matrix->pictureAxes());
        $cards = [];
        foreach ($cells as $cell) {
            $part = $cell->on($axisIds);
            $cards[$part->key] ??= $this->card($part, self::ofParts($views));
        }

        return [...array_values($cards), ...$this->ofWhole(self::ofAll($views))];
    }

    /** @return list<SlateCard> for what lacks a view, with the views that it lacks */
    public function ofMissing(Coverage $coverage): array
    {
        $cards = $ofAll = [];
        foreach ($coverage->rows as $row) {
            $views = array_map(fn(CoverageCell $cell): View => $cell->shot->view, $row->holes());
            if (self::ofParts($views) !== []) {
                $cards[] = $this->card($row->combination, self::ofParts($views));
            }
            $ofAll += array_column(self::ofAll($views), null, 'key');
        }

        return [...$cards, ...$this->ofWhole(array_values($ofAll))];
    }

    /**
     * The same, one for each view.
     *
     * @param  list<SlateCard>  $cards
     * @return list<SlateCard>
     */
    public function forEachView(array $cards): array
    {
        $each = [];
        foreach ($cards as $card) {
            foreach ($card->views as $view) {
                $code = CardCode::of($this->productId, $this->seal, $card->part, $view);
                $each[] = new SlateCard($code, $card->part, $view, [$view]);
            }
        }

        return $each;
    }

    /**
     * @param  list<View>  $views
     * @return list<SlateCard> none where there is nothing to be photographed of the whole product
     */
    private function ofWhole(array $views): array
    {
        return $views === [] ? [] : [$this->card(Combination::of([]), $views)];
    }

    /** @param  list<View>  $views */
    private function card(Combination $part, array $views): SlateCard
    {
        return new SlateCard(CardCode::of($this->productId, $this->seal, $part), $part, null, $views);
    }

    /**
     * @param  list<View>  $views
     * @return list<View>
     */
    private static function ofParts(array $views): array
    {
        return array_values(array_filter($views, fn(View $view): bool => !$view->showing->isOfAll()));
    }

    /**
     * @param  list<View>  $views
     * @return list<View>
     */
    private static function ofAll(array $views): array
    {
        return array_values(array_filter($views, fn(View $view): bool => $view->showing->isOfAll()));
    }
}
