<?php

declare(strict_types=1);

namespace Core\Changes\Skus;

use Core\Changes\Catalog;
use Core\Changes\Changed;
use Core\Changes\SkuChange;
use Core\Codes\GtinRange;
use Core\Product\ChosenSkus;
use Core\Product\Sku;
use Core\Reach\Selection;
use Core\Refusal;
use Core\RefusalKind;

/** Gives each selected SKU that has no GTIN the next free one of a range. */
final readonly class NumberFromRange implements SkuChange
{
    public function __construct(private Selection $selection, private int $rangeId) {}

    public function selection(): Selection
    {
        return $this->selection;
    }

    /** @throws Refusal */
    public function on(ChosenSkus $chosen, Catalog $catalog): Changed
    {
        $range =
            $catalog->gtinRange($this->rangeId) ??
            throw new Refusal('This range is not there any more. Choose another.', RefusalKind::Gone, 'range');
        $skus = self::lacking($chosen);
        if ($skus === []) {
            throw new Refusal('Every one of these SKUs has a GTIN already.', RefusalKind::Impossible, 'range');
        }
        $numbers = self::next($range->range, count($skus), $catalog);
        $count = count($skus);
        $ends = implode(' to ', array_unique([$numbers[0], $numbers[$count - 1]]));

        return new Changed(
            $chosen->product->state->withSkus(
                array_map(fn(Sku $sku, string $gtin): Sku => $sku->numbered($gtin), $skus, $numbers),
            ),
            "Gave {$count} " . ($count === 1 ? 'GTIN' : 'GTINs') . " of {$range->name} to {$chosen->place()}: {$ends}",
        );
    }

    /**
     * @return list<Sku> those without one, in the product's order
     *
     * @throws Refusal where none is selected
     */
    public static function lacking(ChosenSkus $chosen): array
    {
        return array_values(array_filter($chosen->some(), fn(Sku $sku): bool => $sku->gtin === null));
    }

    /** @return list<string> as many numbers of a range as are asked for, the next that are free */
    public static function next(GtinRange $range, int $count, Catalog $catalog): array
    {
        return $range->free($count, $catalog->gtinsBetween(...$range->ends()));
    }
}
