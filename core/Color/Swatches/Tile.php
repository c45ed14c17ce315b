<?php

declare(strict_types=1);

namespace Core\Color\Swatches;

/**
 * The patterns that are drawn of two or three colors. The first is the ground; each tile meets itself at every edge.
 */
enum Tile: string
{
    case Stripes = 'stripes';
    case Pinstripes = 'pinstripes';
    case Hoops = 'hoops';
    case Diagonals = 'diagonals';
    case Checks = 'checks';
    case Plaid = 'plaid';
    case Zigzag = 'zigzag';
    case Diamonds = 'diamonds';
    case Dots = 'dots';
    case Sprigs = 'sprigs';
    case Speckles = 'speckles';

    /** How many colors it has. */
    public function colors(): int
    {
        return match ($this) {
            self::Plaid, self::Sprigs => 3,
            default => 2,
        };
    }

    /** @return non-empty-list<TileFigure> from the ground upwards */
    public function figures(): array
    {
        return match ($this) {
            self::Stripes => [new TileFigure('M0 0h3v12H0zM6 0h3v12H6z')],
            self::Pinstripes => [new TileFigure('M2.5 0h1v12h-1zM8.5 0h1v12h-1z')],
            self::Hoops => [new TileFigure('M0 1.5h12v3H0zM0 7.5h12v3H0z')],
            self::Diagonals => [new TileFigure('M0 3 3 0h3L0 6zM0 9 9 0h3L0 12zM3 12l9-9v3l-6 6zM9 12l3-3v3z')],
            self::Checks => [
                new TileFigure('M0 0h3v12H0zM6 0h3v12H6z', 1, 0.5),
                new TileFigure('M0 0h12v3H0zM0 6h12v3H0z', 1, 0.5),
            ],
            self::Plaid => [
                new TileFigure('M2 0h5v12H2z', 1, 0.5),
                new TileFigure('M0 2h12v5H0z', 1, 0.5),
                new TileFigure('M9 0h1v12H9zM0 9h12v1H0z', 2, 0.8),
            ],
            self::Zigzag => [new TileFigure('M0 4l3-3 3 3 3-3 3 3v2.4l-3-3-3 3-3-3-3 3zM0 10l3-3 3 3 3-3 3 3v2H0z', 1)],
            self::Diamonds => [
                new TileFigure(
                    'M3 .5l2.5 2.5-2.5 2.5-2.5-2.5zM9 .5l2.5 2.5-2.5 2.5-2.5-2.5zM3 6.5l2.5 2.5-2.5 2.5-2.5-2.5zM9 6.5l2.5 2.5-2.5 2.5-2.5-2.5z',
                ),
            ],
            self::Dots => [
                new TileFigure(
                    implode(
                        '',
                        array_map(
                            fn(int $at): string => self::disc(2 + 4 * ($at % 3), 2 + 4 * intdiv($at, 3), 1.2),
                            range(0, 8),
                        ),
                    ),
                ),
            ],
            self::Sprigs => [
                new TileFigure(self::sprig(3, 3) . self::sprig(9, 3) . self::sprig(3, 9) . self::sprig(9, 9), 1),
                new TileFigure(
                    self::disc(3, 3, 0.8) . self::disc(9, 3, 0.8) . self::disc(3, 9, 0.8) . self::disc(9, 9, 0.8),
                    2,
                ),
            ],
            self::Speckles => [
                new TileFigure(
                    'M1 1h1v1H1zM5 0h1v1H5zM9 2h1v1H9zM3 4h1v1H3zM7 4h1v1H7zM11 5h1v1h-1zM1 7h1v1H1zM5 7h1v1H5zM9 8h1v1H9zM3 10h1v1H3zM7 10h1v1H7zM11 10h1v1h-1z',
                ),
            ],
        };
    }

    private static function sprig(int $x, int $y): string
    {
        return self::disc($x, $y - 1.3, 1) .
            self::disc($x + 1.3, $y, 1) .
            self::disc($x, $y + 1.3, 1) .
            self::disc($x - 1.3, $y, 1);
    }

    private static function disc(float $x, float $y, float $radius): string
    {
        $across = 2 * $radius;

        return 'M' .
            ($x - $radius) .
            " {$y}a{$radius} {$radius} 0 1 0 {$across} 0a{$radius} {$radius} 0 1 0 -{$across} 0z";
    }
}
