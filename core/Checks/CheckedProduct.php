<?php

declare(strict_types=1);

namespace Core\Checks;

use Core\Gallery\AltTexts\AltFault;
use Core\Gallery\ContactSheet;
use Core\Product\AltTexts;
use Core\Product\Product;

/** A product as checks see it: what several of them need is worked out once. */
final class CheckedProduct
{
    private ?DetailChecks $details = null;

    /** @var ?list<Finding> */
    private ?array $swatches = null;

    /** @var ?array<int, non-empty-list<AltFault>> by placement id */
    private ?array $altFaults = null;

    private ?ContactSheet $sheet = null;

    /** @param  list<AxisColors>  $colors  of its axes that have any, with what was measured of its pictures */
    public function __construct(public readonly Product $product, private readonly array $colors = []) {}

    /** @return list<Finding> of a check on numbers and details */
    public function ofDetails(DetailCheck $check): array
    {
        $this->details ??= new DetailChecks($this->product);

        return $this->details->of($check);
    }

    /** @return list<Finding> of a check on swatches */
    public function ofSwatches(SwatchCheck $check): array
    {
        $this->swatches ??= array_merge(...array_map(SwatchChecks::of(...), $this->colors));

        return array_values(array_filter($this->swatches, fn(Finding $finding): bool => $finding->check === $check));
    }

    /** @return array<int, non-empty-list<AltFault>> placement id => what is wrong with its text */
    public function altFaults(): array
    {
        return $this->altFaults ??= (new AltTexts($this->product))->check()->faults();
    }

    public function sheet(): ContactSheet
    {
        return $this->sheet ??= ContactSheet::of(
            $this->product->matrix,
            $this->product->madeCells(),
            $this->product->state->pictures,
            $this->product->galleries(),
        );
    }
}
