<?php

declare(strict_types=1);

namespace App\Http\Screens\Product;

/** A picture of the gallery as a shopper meets it. Addresses are null while it is being read. */
final readonly class PreviewShot
{
    /**
     * @param string $mark "0:12" of a film, "3D" of a model; empty of a still
     * @param string $kind "still", "film" or "model"
     * @param string $media address of the film or the model
     */
    public function __construct(
        public string $file,
        public string $text,
        public ?string $thumb,
        public ?string $large,
        public ?string $zoom,
        public string $mark,
        public string $kind,
        public string $media,
    ) {}
}
