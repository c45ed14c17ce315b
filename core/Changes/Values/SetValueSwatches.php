<?php

declare(strict_types=1);

namespace Core\Changes\Values;

use Core\Changes\Catalog;
use Core\Changes\Changed;
use Core\Changes\ProductChange;
use Core\Color\Swatches\Swatch;
use Core\Product\Product;
use Core\Refusal;
use Core\RefusalKind;

/** Gives values swatches of the product's own, where its cloth differs from the library's; or lets them go. */
final readonly class SetValueSwatches implements ProductChange
{
    /** More values than this are counted in the history, not named. */
    private const NAMED = 6;

    /**
     * @param  array<int, ?Swatch>  $swatches  by value id; null for the one of the library
     * @param  string  $from  what they were taken from, in words: "taken from pictures"
     */
    public function __construct(private array $swatches, private string $from = '') {}

    /**
     * Lets the product follow the library in these values.
     *
     * @param  list<int>  $valueIds
     */
    public static function asLibrary(array $valueIds): self
    {
        return new self(array_fill_keys($valueIds, null));
    }

    /** @throws Refusal */
    public function on(Product $product, Catalog $catalog): Changed
    {
        foreach (array_keys($this->swatches) as $id) {
            if (!$product->library->names->knows($id)) {
                throw new Refusal(
                    'The product does not have a value any more. Look at its colors as they are now.',
                    RefusalKind::Gone,
                    'values',
                );
            }
        }
        $details = $product->state->details;
        $own = array_filter(array_replace($details->ownSwatches, $this->swatches));

        return new Changed(
            $product->state->withDetails($details->with(['ownSwatches' => $own])),
            $this->words($product),
        );
    }

    private function words(Product $product): string
    {
        $named = array_map($product->library->names->value(...), array_keys($this->swatches));
        if ($this->from === '') {
            $axis = $product->matrix->axisOf((int) array_key_first($this->swatches));
            $value = ($axis === null ? '' : "{$axis->name} ") . implode(', ', $named);
            $swatch = array_values($this->swatches)[0] ?? null;

            return "Swatch of {$value} on this product is " . ($swatch?->inWords() ?? 'the library’s again');
        }
        $more = count($named) - self::NAMED;

        return "On this product, swatches {$this->from}: " .
            implode(', ', array_slice($named, 0, self::NAMED)) .
            ($more > 0 ? " and {$more} more" : '');
    }
}
