<?php

declare(strict_types=1);

namespace App\Http\Screens\Pictures;

use App\Media\PhotoCuts;
use App\Models\Banner;
use Core\Gallery\Shape;

/** A category or a landing page, with the banner that it has. */
final readonly class DrawnBanner
{
    /** Address of the picture, as wide as a banner is; empty where there is none. */
    public string $address;

    /**
     * @param ?Banner $banner null where a category has none
     * @param int $products in the category; none of a landing page
     */
    public function __construct(public string $name, public ?Banner $banner, public int $products = 0)
    {
        $this->address = $banner === null ? '' : PhotoCuts::address($banner->photo_id, Shape::Wide, $banner->focus());
    }
}
