<?php

declare(strict_types=1);

namespace Core\Changes\Pictures;

use Core\Changes\Catalog;
use Core\Changes\Changed;
use Core\Changes\ProductChange;
use Core\Matrix\Axis;
use Core\Product\OwnAxis;
use Core\Product\Plans\PictureAxesPlan;
use Core\Product\Product;
use Core\Product\ProductDetails;

/** Says by which axes the pictures of a product differ. */
final readonly class DifferInPictures implements ProductChange
{
    /** Units that go elsewhere: more are counted, not named. */
    private const NAMED = 3;

    /** @param  list<int>  $axisIds */
    public function __construct(private array $axisIds) {}

    public function on(Product $product, Catalog $catalog): Changed
    {
        $plan = new PictureAxesPlan($product, $this->axisIds);
        $details = $product->state->details->saying($plan->details);
        foreach ($product->matrix->axes as $axis) {
            $details = $this->said($details, $axis, $product->library->usual[$axis->id]->changesPicture);
        }
        $chosen = array_filter(
            $product->matrix->axes,
            fn(Axis $axis): bool => in_array($axis->id, $this->axisIds, true),
        );
        $names = array_map(fn(Axis $axis): string => $axis->name, $chosen);
        $units = $plan->unitsInWords(self::NAMED);

        return new Changed(
            $product->state->withDetails($details)->withMatrix($plan->to),
            ($names === [] ? 'Pictures differ by no axis' : 'Pictures differ by ' . implode(' and ', $names)) .
                ($units === '' ? '' : "; moves units: {$units}"),
        );
    }

    /** What the library says of the axis needs no word of the product's own. */
    private function said(ProductDetails $details, Axis $axis, bool $usual): ProductDetails
    {
        $wanted = in_array($axis->id, $this->axisIds, true);
        $own = $details->ownAxes[$axis->id] ?? new OwnAxis();

        return $details->withOwnAxis($axis->id, new OwnAxis($wanted === $usual ? null : $wanted, $own->display));
    }
}
