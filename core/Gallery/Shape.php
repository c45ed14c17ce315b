<?php

declare(strict_types=1);

namespace Core\Gallery;

/** The shapes in which channels show a picture, each in the pixels it is made in at most. */
enum Shape: string
{
    /** A card in a listing. */
    case Square = 'square';

    /** A banner. */
    case Wide = 'wide';

    /** A phone, from edge to edge. */
    case Tall = 'tall';

    /** A swatch: a piece of the cloth. */
    case Chip = 'chip';

    /** @return non-empty-list<self> those that are cut in one go */
    public function cutWith(): array
    {
        return $this === self::Chip ? [self::Chip] : self::ofChannels();
    }

    /** @return non-empty-list<self> those that channels show a picture in */
    public static function ofChannels(): array
    {
        return [self::Square, self::Wide, self::Tall];
    }

    public function width(): int
    {
        return match ($this) {
            self::Square => 800,
            self::Wide => 1600,
            self::Tall => 720,
            self::Chip => 144,
        };
    }

    public function height(): int
    {
        return match ($this) {
            self::Square => 800,
            self::Wide => 640,
            self::Tall => 1280,
            self::Chip => 144,
        };
    }

    public function inWords(): string
    {
        return match ($this) {
            self::Square => 'square card',
            self::Wide => 'wide banner',
            self::Tall => 'tall phone',
            self::Chip => 'swatch',
        };
    }
}
