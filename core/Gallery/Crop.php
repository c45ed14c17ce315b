<?php

declare(strict_types=1);

namespace Core\Gallery;

/**
 * What of a picture matters: the point that stays in view whatever the shape, and the part that may be shown. In
 * thousandths of the picture's width and height.
 */
final readonly class Crop
{
    private const WHOLE = 1_000;

    /** A frame that is smaller shows nothing. */
    private const LEAST = 50;

    private function __construct(
        public int $x,
        public int $y,
        public int $left,
        public int $top,
        public int $width,
        public int $height,
    ) {}

    /** The middle of the whole picture. */
    public static function middle(): self
    {
        return new self(500, 500, 0, 0, self::WHOLE, self::WHOLE);
    }

    /**
     * What lies outside of the picture is drawn in, a frame that is too small widened, a focus outside of the frame
     * moved to its edge.
     */
    public static function of(
        int $x,
        int $y,
        int $left = 0,
        int $top = 0,
        int $width = self::WHOLE,
        int $height = self::WHOLE,
    ): self {
        $width = max(self::LEAST, min(self::WHOLE, $width));
        $height = max(self::LEAST, min(self::WHOLE, $height));
        $left = max(0, min(self::WHOLE - $width, $left));
        $top = max(0, min(self::WHOLE - $height, $top));

        return new self(
            max($left, min($left + $width, $x)),
            max($top, min($top + $height, $y)),
            $left,
            $top,
            $width,
            $height,
        );
    }

    /** @param  string  $key  as key() writes it; what is none is the middle */
    public static function fromKey(string $key): self
    {
        $numbers =
            preg_match('/^\d{1,4}(-\d{1,4}){5}$/', $key) === 1 ? array_map(intval(...), explode('-', $key)) : null;

        return $numbers === null ? self::middle() : self::of(...$numbers);
    }

    /** Empty for the middle of the whole picture. */
    public function key(): string
    {
        $key = implode('-', [$this->x, $this->y, $this->left, $this->top, $this->width, $this->height]);

        return $this->isMiddle() ? '' : $key;
    }

    public function isMiddle(): bool
    {
        return [$this->x, $this->y, $this->left, $this->top, $this->width, $this->height] === [
            500,
            500,
            0,
            0,
            self::WHOLE,
            self::WHOLE,
        ];
    }

    /**
     * The largest cut of a shape that lies within the frame, with the focus as near to its middle as the frame allows.
     *
     * @param  int  $pictureWidth  in pixels
     * @param  int  $pictureHeight  in pixels
     */
    public function cut(Shape $shape, int $pictureWidth, int $pictureHeight): Cut
    {
        $frameWidth = ($this->width * $pictureWidth) / self::WHOLE;
        $frameHeight = ($this->height * $pictureHeight) / self::WHOLE;
        $ratio = $shape->width() / $shape->height();
        $width = max(1, (int) floor(min($frameWidth, $frameHeight * $ratio)));
        $height = max(1, (int) floor(min($frameHeight, $frameWidth / $ratio)));

        return new Cut(
            $this->within(
                ($this->x * $pictureWidth) / self::WHOLE,
                $width,
                ($this->left * $pictureWidth) / self::WHOLE,
                $frameWidth,
                $pictureWidth,
            ),
            $this->within(
                ($this->y * $pictureHeight) / self::WHOLE,
                $height,
                ($this->top * $pictureHeight) / self::WHOLE,
                $frameHeight,
                $pictureHeight,
            ),
            $width,
            $height,
        );
    }

    private function within(float $focus, int $size, float $from, float $room, int $all): int
    {
        $at = (int) round(max($from, min($from + $room - $size, $focus - $size / 2)));

        return max(0, min($all - $size, $at));
    }
}
