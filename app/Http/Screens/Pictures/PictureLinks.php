<?php

declare(strict_types=1);

namespace App\Http\Screens\Pictures;

use App\Media\PhotoSize;
use App\Models\PhotoState;
use App\Store\Products\LoadedProduct;
use Core\Gallery\Placement;

/** Addresses and alt texts of a product's pictures, each worked out once. */
final class PictureLinks
{
    /** @var array<int, ?string> */
    private array $thumbs = [];

    /** @var array<int, string> */
    private array $texts = [];

    public function __construct(private readonly LoadedProduct $loaded) {}

    /** @return ?string null while the sizes are not made */
    public function thumb(Placement $placement): ?string
    {
        if (!array_key_exists($placement->id, $this->thumbs)) {
            $this->thumbs[$placement->id] = $this->url($placement, PhotoSize::Thumb);
        }

        return $this->thumbs[$placement->id];
    }

    public function url(Placement $placement, PhotoSize $size): ?string
    {
        $row = $this->loaded->placements[$placement->id];

        return $row->photoState === PhotoState::Ready ? $size->address($row->photoId) : null;
    }

    public function text(Placement $placement): string
    {
        return $this->texts[$placement->id] ??= $this->loaded->core->altText($placement);
    }
}
