<?php

declare(strict_types=1);

namespace Core\Product;

use Core\Gallery\AltTexts\AltCheck;
use Core\Gallery\ContactSheet;
use Core\Gallery\Placement;

/** The alt texts of all linked pictures of a product, and what is wrong with them. */
final readonly class AltTexts
{
    public function __construct(private Product $product) {}

    /** @return array<int, string> placement id => text, in the one order */
    public function all(): array
    {
        $texts = [];
        foreach ($this->linked() as $picture) {
            $texts[$picture->id] = $this->product->altText($picture);
        }

        return $texts;
    }

    public function check(): AltCheck
    {
        $made = [];
        foreach ($this->linked() as $picture) {
            $made[$picture->id] = $this->product->altText($picture->untold());
        }
        $sheet = ContactSheet::of(
            $this->product->matrix,
            $this->product->madeCells(),
            $this->product->state->pictures,
            $this->product->galleries(),
        );

        return new AltCheck($sheet->strips, $this->all(), $made, $this->product->state->details->name);
    }

    /** @return list<Placement> */
    private function linked(): array
    {
        $reaching = $this->product->galleries()->reaching();

        return array_values(
            array_filter(
                $this->product->state->pictures,
                fn(Placement $picture): bool => isset($reaching[$picture->id]),
            ),
        );
    }
}
