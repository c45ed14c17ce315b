<?php

declare(strict_types=1);

namespace Core\Gallery;

/**
 * What of a picture matters: the point that stays in view whatever the shape, and the part that may be shown. In
 * thousandths of the picture's width and height.
 */
final readonly class Crop
{
    private const WHOLE = CropFrame::WHOLE;

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

    /** A focus outside of the frame is moved to its edge. */
    public static function of(int $x, int $y, CropFrame $frame = new CropFrame()): self
    {
        return new self(
            max($frame->left, min($frame->left + $frame->width, $x)),
            max($frame->top, min($frame->top + $frame->height, $y)),
            $frame->left,
            $frame->top,
            $frame->width,
            $frame->height,
        );
    }

    /** @param  string  $key  as key() writes it; what is none is the middle */
    public static function fromKey(string $key): self
    {
        $numbers =
            preg_match('/^\d{1,4}(-\d{1,4}){5}$/', $key) === 1 ? array_map(intval(...), explode('-', $key)) : null;

        return $numbers === null
            ? self::middle()
            : self::of($numbers[0], $numbers[1], new CropFrame(...array_slice($numbers, 2)));
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
