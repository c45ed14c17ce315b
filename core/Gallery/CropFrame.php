<?php

declare(strict_types=1);

namespace Core\Gallery;

/** The part of a picture that may be shown, in thousandths of its width and height. */
final readonly class CropFrame
{
    public const WHOLE = 1_000;

    /** A frame that is smaller shows nothing. */
    private const LEAST = 50;

    public int $left;

    public int $top;

    public int $width;

    public int $height;

    /** What lies outside of the picture is drawn in, a frame that is too small widened. */
    public function __construct(int $left = 0, int $top = 0, int $width = self::WHOLE, int $height = self::WHOLE)
    {
        $this->width = max(self::LEAST, min(self::WHOLE, $width));
        $this->height = max(self::LEAST, min(self::WHOLE, $height));
        $this->left = max(0, min(self::WHOLE - $this->width, $left));
        $this->top = max(0, min(self::WHOLE - $this->height, $top));
    }
}
