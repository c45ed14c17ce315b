<?php

declare(strict_types=1);

namespace App\Http\Views;

use Core\Matrix\Axis;
use Core\Matrix\AxisKind;
use Core\Matrix\Matrix;

/** Which axis runs down, which across, and which lie in layers. */
final readonly class BoardLayout
{
    /** @param  list<Axis>  $layers */
    private function __construct(
        public ?Axis $down,
        public ?Axis $across,
        public array $layers,
    ) {
    }

    /** Sizes run across where there are any; of the rest the first axis that changes the picture runs down. */
    public static function of(Matrix $matrix): self
    {
        $axes = $matrix->axes;
        if (count($axes) < 2) {
            return new self($axes[0] ?? null, null, []);
        }
        usort($axes, fn (Axis $a, Axis $b): int => ($b->kind === AxisKind::Size) <=> ($a->kind === AxisKind::Size));
        $across = $axes[0]->kind === AxisKind::Size ? array_shift($axes) : array_pop($axes);
        usort($axes, fn (Axis $a, Axis $b): int => $b->changesPicture <=> $a->changesPicture);

        return new self($axes[0], $across, array_slice($axes, 1));
    }

    public function place(Axis $axis): string
    {
        return match ($axis->id) {
            $this->down?->id => 'down',
            $this->across?->id => 'across',
            default => 'layers',
        };
    }
}
