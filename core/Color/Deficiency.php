<?php

declare(strict_types=1);

namespace Core\Color;

/**
 * How colors look to whom one kind of cone lacks. G. M. Machado, M. M. Oliveira, L. A. F. Fernandes: A
 * Physiologically-based
 * Model for Simulation of Color Vision Deficiency. IEEE Transactions on Visualization and Computer Graphics 15 (2009),
 * 1291–1298: the matrices of severity 1, which take linear light.
 */
enum Deficiency: string
{
    case Protanopia = 'protanopia';
    case Deuteranopia = 'deuteranopia';
    case Tritanopia = 'tritanopia';

    /** "without red cones". */
    public function inWords(): string
    {
        return match ($this) {
            self::Protanopia => 'without red cones',
            self::Deuteranopia => 'without green cones',
            self::Tritanopia => 'without blue cones',
        };
    }

    /** The color that is seen in the place of this one. */
    public function seen(Srgb $color): Srgb
    {
        $light = $color->linear();

        return Srgb::fromLinear(
            ...array_map(
                fn(array $row): float => $row[0] * $light[0] + $row[1] * $light[1] + $row[2] * $light[2],
                $this->matrix(),
            ),
        );
    }

    /** @return array{array{float, float, float}, array{float, float, float}, array{float, float, float}} */
    private function matrix(): array
    {
        return match ($this) {
            self::Protanopia => [
                [0.152286, 1.052583, -0.204868],
                [0.114503, 0.786281, 0.099216],
                [-0.003882, -0.048116, 1.051998],
            ],
            self::Deuteranopia => [
                [0.367322, 0.860646, -0.227968],
                [0.280085, 0.672501, 0.047413],
                [-0.01182, 0.04294, 0.968881],
            ],
            self::Tritanopia => [
                [1.255528, -0.076749, -0.178779],
                [-0.078411, 0.930809, 0.147602],
                [0.004733, 0.691367, 0.3039],
            ],
        };
    }
}
