<?php

declare(strict_types=1);

namespace Core\Checks;

use Core\Gallery\Placement;
use Core\Matrix\Axis;
use Core\Matrix\Combination;
use Core\Matrix\Value;
use Core\Product\Product;

/**
 * The pictures that swatches can be made from: of each value the Lead that shoppers see first, where it shows that
 * value and no other.
 */
final readonly class SwatchLeads
{
    /**
     * @param  array<int, Placement>  $leads  by value id
     * @param  array<int, string>  $open  value id => why there is none for it
     */
    private function __construct(public array $leads, public array $open) {}

    /**
     * @param  list<Value>  $values  of the axis
     * @param  list<int>  $accused  ids of placements that look like another value than theirs
     * @param  array<int, true>  $unread  ids of photos that are not read yet
     */
    public static function of(Product $product, Axis $axis, array $values, array $accused, array $unread): self
    {
        $leads = $open = [];
        foreach ($values as $value) {
            $lead = $product->galleries()->forChoice(Combination::of([$axis->id => $value->id]))->lead();
            if ($lead === null) {
                $open[$value->id] = "{$value->label} has no picture yet.";

                continue;
            }
            $isOwn = ValuePicture::valueOf($lead->reach->activeIn($product->matrix), $axis->id) === $value->id;
            $why = match (true) {
                !$isOwn => "{$value->label} has no picture of its own: {$lead->file} is of others too.",
                in_array($lead->id, $accused, true) => "{$lead->file} looks like another color than {$value->label}.",
                isset($unread[$lead->photoId]) => "{$lead->file} is not read yet. Try again in a moment.",
                default => null,
            };
            $why === null ? ($leads[$value->id] = $lead) : ($open[$value->id] = $why);
        }

        return new self($leads, $open);
    }
}
