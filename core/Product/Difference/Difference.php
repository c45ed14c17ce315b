<?php

declare(strict_types=1);

namespace Core\Product\Difference;

use Core\Color\Swatches\Swatch;
use Core\Gallery\Placement;
use Core\Matrix\Axis;
use Core\Matrix\Matrix;
use Core\Matrix\Value;
use Core\Product\OwnAxis;
use Core\Product\ProductState;
use Core\Product\Sku;
use Core\Reach\Reach;

/**
 * What is different between two states of a product: there is one idea of "the same", for history, sheets and releases.
 * What sleeps of axes and values is not held against each other, as a sheet knows nothing of it.
 */
final readonly class Difference
{
    /**
     * @param  list<DetailDifference>  $details  what is said of the product otherwise
     * @param  bool  $changesOpening  which SKU opens the product, or which values shoppers find chosen
     * @param  bool  $changesLook  swatches of its own, and what it says of its axes itself
     * @param  bool  $changesShape  axes, values, their order or names, what is left out
     * @param  list<SkuDifference>  $skus  those that are not the same
     * @param  list<PictureDifference>  $pictures  those that are not the same
     * @param  bool  $isReordered  whether the pictures that both have stand in another order
     */
    private function __construct(
        public ProductState $before,
        public ProductState $after,
        public array $details,
        public bool $changesOpening,
        public bool $changesLook,
        public bool $changesShape,
        public array $skus,
        public array $pictures,
        public bool $isReordered,
    ) {}

    /**
     * SKUs are the same where both know an id and it is one, else where they lie in one cell; pictures by id, else by
     * photo.
     */
    public static function between(ProductState $before, ProductState $after): self
    {
        $details = [];
        $old = $before->details->texts($before->matrix);
        $new = $after->details->texts($after->matrix);
        foreach ($old + $new as $key => $text) {
            [$was, $is] = [$old[$key]->words ?? '', $new[$key]->words ?? ''];
            if ($was !== $is) {
                $details[] = new DetailDifference($new[$key]->name ?? $text->name, $was, $is);
            }
        }
        $matches = self::matches($before->pictures, $after->pictures);
        $pictures = self::pictures($before->pictures, $after->pictures, $matches);

        return new self(
            $before,
            $after,
            $details,
            self::opening($before) !== self::opening($after),
            self::look($before) !== self::look($after),
            self::shape($before->matrix) !== self::shape($after->matrix) ||
                !Reach::leftOutOf($before->matrix)->equals(Reach::leftOutOf($after->matrix)),
            array_values(
                array_filter(self::skus($before->skus, $after->skus), fn(SkuDifference $sku): bool => !$sku->isNone()),
            ),
            array_values(
                array_filter(
                    $pictures,
                    fn(PictureDifference $picture): bool => !$picture->isNone($before->matrix, $after->matrix),
                ),
            ),
            self::isTurned($matches),
        );
    }

    /** Whether the two states are the same in all that is kept. */
    public function isNone(): bool
    {
        return $this->details === [] &&
            !$this->changesOpening &&
            !$this->changesLook &&
            !$this->changesShape &&
            $this->skus === [] &&
            $this->pictures === [] &&
            !$this->isReordered;
    }

    /** @return array{?string, array<int, int>} */
    private static function opening(ProductState $state): array
    {
        $openings = array_intersect_key($state->details->openings, array_flip($state->matrix->axisIds()));
        ksort($openings);

        return [$state->details->openingCell?->key, $openings];
    }

    /** @return array{array<int, string>, array<int, string>} */
    private static function look(ProductState $state): array
    {
        $own = array_intersect_key($state->details->ownAxes, array_flip($state->matrix->axisIds()));
        $axes = array_map(
            fn(OwnAxis $axis): string => $axis->inWords(),
            array_filter($own, fn(OwnAxis $axis): bool => !$axis->isNone()),
        );
        $swatches = array_map(fn(Swatch $swatch): string => $swatch->text(), $state->awakeSwatches());
        ksort($axes);
        ksort($swatches);

        return [$axes, $swatches];
    }

    /** @return list<array{int, list<array{int, string}>}> */
    private static function shape(Matrix $matrix): array
    {
        return array_map(
            fn(Axis $axis): array => [
                $axis->id,
                array_map(fn(Value $value): array => [$value->id, $value->label], $axis->values),
            ],
            $matrix->axes,
        );
    }

    /**
     * @param  list<Sku>  $before
     * @param  list<Sku>  $after
     * @return list<SkuDifference>
     */
    private static function skus(array $before, array $after): array
    {
        $byId = [];
        $byCell = [];
        foreach ($before as $at => $sku) {
            if ($sku->id !== 0) {
                $byId[$sku->id] = $at;
            }
            // One on offer stands for its cell; of retired ones the first.
            if (!isset($byCell[$sku->cell->key]) || $sku->isMade()) {
                $byCell[$sku->cell->key] = $at;
            }
        }
        $pairs = [];
        $met = [];
        foreach ($after as $sku) {
            $at = $sku->id === 0 ? $byCell[$sku->cell->key] ?? null : $byId[$sku->id] ?? null;
            $met[$at ?? -1] = true;
            $pairs[] = new SkuDifference($at === null ? null : $before[$at], $sku);
        }
        foreach ($before as $at => $sku) {
            if (!isset($met[$at])) {
                $pairs[] = new SkuDifference($sku, null);
            }
        }

        return $pairs;
    }

    /**
     * @param  list<Placement>  $before
     * @param  list<Placement>  $after
     * @return list<?int> for each of the earlier, which of the later is the same picture
     */
    private static function matches(array $before, array $after): array
    {
        $byId = [];
        $byPhoto = [];
        foreach ($after as $at => $picture) {
            if ($picture->id < 0) {
                $byPhoto[$picture->photoId] = $at;
            } else {
                $byId[$picture->id] = $at;
            }
        }

        return array_map(
            fn(Placement $picture): ?int => $byId[$picture->id] ?? ($byPhoto[$picture->photoId] ?? null),
            $before,
        );
    }

    /**
     * @param  list<Placement>  $before
     * @param  list<Placement>  $after
     * @param  list<?int>  $matches
     * @return list<PictureDifference> those that are in the earlier first, in its order
     */
    private static function pictures(array $before, array $after, array $matches): array
    {
        $pairs = array_map(
            fn(Placement $old, ?int $at): PictureDifference => new PictureDifference(
                $old,
                $at === null ? null : $after[$at],
            ),
            $before,
            $matches,
        );
        foreach ($after as $at => $new) {
            if (!in_array($at, $matches, true)) {
                $pairs[] = new PictureDifference(null, $new);
            }
        }

        return $pairs;
    }

    /** @param  list<?int>  $matches */
    private static function isTurned(array $matches): bool
    {
        $places = array_values(array_filter($matches, fn(?int $at): bool => $at !== null));
        $sorted = $places;
        sort($sorted);

        return $places !== $sorted;
    }
}
