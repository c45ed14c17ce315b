<?php

declare(strict_types=1);

namespace Core\Stock;

use Core\Details\Counting;
use Core\Details\DetailFinder;
use Core\Details\DetailKind;
use Core\Details\Details;
use Core\Matrix\Axis;
use Core\Matrix\Combination;
use Core\Matrix\Matrix;
use Core\Text\Day;

/**
 * From which units each SKU of a product is sold. What was counted in another way sleeps, and is there again with that
 * way.
 */
final readonly class StockBook
{
    public Counting $counting;

    private DetailFinder $ofPictures;

    private DetailFinder $lowMarks;

    private DetailFinder $preOrders;

    private ?int $ofProduct;

    /** @var list<int> */
    private array $pictureAxes;

    public function __construct(Details $details, Matrix $matrix)
    {
        $this->counting = Counting::tryFrom($details->whole(DetailKind::Counting)) ?? Counting::Sku;
        $this->ofPictures = $details->finder(DetailKind::PictureUnits, $matrix);
        $this->lowMarks = $details->finder(DetailKind::LowMark, $matrix);
        $this->preOrders = $details->finder(DetailKind::PreOrder, $matrix);
        $this->ofProduct = self::units($details->whole(DetailKind::ProductUnits));
        $this->pictureAxes = array_map(fn(Axis $axis): int => $axis->id, $matrix->pictureAxes());
    }

    /**
     * What a SKU can be sold from.
     *
     * @param  ?int  $own  what was counted for it alone
     * @return ?int units; null where nobody has counted them
     */
    public function of(Combination $cell, ?int $own): ?int
    {
        return match ($this->counting) {
            Counting::Sku => $own,
            Counting::Pictures => self::units($this->ofPictures->at($this->part($cell))),
            Counting::Product => $this->ofProduct,
            Counting::None => null,
        };
    }

    /**
     * @return ?string the same for SKUs that are sold from the same units, so that these are summed once; null for one
     *   that has its own
     */
    public function pool(Combination $cell): ?string
    {
        return match ($this->counting) {
            Counting::Pictures => $this->part($cell)->key,
            Counting::Product => 'all',
            default => null,
        };
    }

    /**
     * Whether a SKU can be bought on a day.
     *
     * @param  ?int  $units  that it can be sold from
     */
    public function availability(Combination $cell, ?int $units, Day $today): Availability
    {
        $here = $units === 0 ? $this->preOrders->at($cell) : '';

        return Availability::of(
            $units,
            $units === null ? null : self::units($this->lowMarks->at($cell)),
            $here === '' ? null : Day::typed($here),
            $today,
        );
    }

    /** The picture combination that a cell lies in. */
    public function part(Combination $cell): Combination
    {
        return $cell->on($this->pictureAxes);
    }

    private static function units(string $text): ?int
    {
        return $text === '' ? null : (int) $text;
    }
}
