<?php

declare(strict_types=1);

namespace App\Files\Cards;

use App\Store\Products\LoadedProduct;
use Core\Color\Swatches\Swatch;
use Core\Gallery\View;
use Core\Matching\Cards\CardDeck;
use Core\Matching\Cards\SlateCard;
use Core\Reach\Selection;

/** The slate cards of a product, with what people read on them. */
final class ProductCards
{
    /** @return list<PrintedCard> in the product's order; what is missing is so whatever the selection is */
    public static function of(LoadedProduct $loaded, WhichCards $which, ?Selection $selection = null): array
    {
        $deck = new CardDeck($loaded->product->id, $loaded->product->seal());
        $cards = match ($which) {
            WhichCards::Parts, WhichCards::Views => self::wanted($loaded, $deck, $selection ?? Selection::whole()),
            WhichCards::Missing, WhichCards::MissingViews => self::missing($loaded, $deck),
        };
        if (in_array($which, [WhichCards::Views, WhichCards::MissingViews], true)) {
            $cards = $deck->forEachView($cards);
        }

        return array_map(fn(SlateCard $card): PrintedCard => self::printed($loaded, $card), $cards);
    }

    /** @return list<SlateCard> for a selection; what shows the whole product only where all of it is selected */
    private static function wanted(LoadedProduct $loaded, CardDeck $deck, Selection $selection): array
    {
        $core = $loaded->core;
        $reach = $core->selected($selection)->reach;
        $views = array_filter(
            $core->library->shotList?->views() ?? [],
            fn(View $view): bool => $reach->isEverything() || !$view->showing->isOfAll(),
        );

        return $deck->of($core->matrix, $reach->among($core->madeCells()), array_values($views));
    }

    /** @return list<SlateCard> */
    private static function missing(LoadedProduct $loaded, CardDeck $deck): array
    {
        $coverage = $loaded->core->coverage();

        return $coverage === null ? [] : $deck->ofMissing($coverage);
    }

    private static function printed(LoadedProduct $loaded, SlateCard $card): PrintedCard
    {
        return new PrintedCard(
            $card,
            $loaded->product->name,
            $loaded->product->code,
            $loaded->core->matrix->inWordsOr($card->part, ''),
            self::swatch($loaded, $card),
        );
    }

    private static function swatch(LoadedProduct $loaded, SlateCard $card): ?Swatch
    {
        foreach ($card->part->values as $valueId) {
            $swatch = $loaded->core->library->swatches->of($valueId);
            if ($swatch !== null) {
                return $swatch;
            }
        }

        return null;
    }
}
