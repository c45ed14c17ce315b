<?php

declare(strict_types=1);

namespace App\Catalog;

use App\Store\PlacementRow;
use Core\Gallery\AltCheck;
use Core\Gallery\ContactSheet;

/** The alt texts of all linked pictures of a product, and what is wrong with them. */
final readonly class AltTexts
{
    public function __construct(private LoadedProduct $loaded)
    {
    }

    /** @return array<int, string> placement id => text, in the one order */
    public function all(): array
    {
        $texts = [];
        foreach ($this->linked() as $row) {
            $texts[$row->id()] = $this->loaded->altText($row->placement);
        }

        return $texts;
    }

    public function check(): AltCheck
    {
        $made = [];
        foreach ($this->linked() as $row) {
            $made[$row->id()] = $this->loaded->altText($row->placement->untold());
        }
        $sheet = ContactSheet::of($this->loaded->matrix, $this->loaded->madeCells(), $this->loaded->corePlacements(), $this->loaded->galleries());

        return new AltCheck($sheet->strips, $this->all(), $made, $this->loaded->product->name);
    }

    /** @return list<PlacementRow> */
    private function linked(): array
    {
        $reaching = $this->loaded->galleries()->reaching();

        return array_values(array_filter($this->loaded->placements, fn (PlacementRow $row): bool => isset($reaching[$row->id()])));
    }
}
