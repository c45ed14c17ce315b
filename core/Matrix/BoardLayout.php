<?php

declare(strict_types=1);

namespace Core\Matrix;

/** Which axis of a matrix runs down, which across, and which lie in layers. */
final readonly class BoardLayout
{
    public const DOWN = 'down';

    public const ACROSS = 'across';

    public const LAYERS = 'layers';

    /** More cells than this are not shown at once unless asked for. */
    private const MOST_AT_ONCE = 1_000;

    /** @param  list<Axis>  $layers in the product's order */
    private function __construct(public ?Axis $down, public ?Axis $across, public array $layers) {}

    /** Sizes run across where there are any; of the rest the first axis that changes the picture runs down. */
    public static function usual(Matrix $matrix): self
    {
        $axes = $matrix->axes;
        if (count($axes) < 2) {
            return new self($axes[0] ?? null, null, []);
        }
        usort($axes, fn(Axis $a, Axis $b): int => ($b->kind === AxisKind::Size) <=> ($a->kind === AxisKind::Size));
        $across = $axes[0]->kind === AxisKind::Size ? array_shift($axes) : array_pop($axes);
        usort($axes, fn(Axis $a, Axis $b): int => $b->changesPicture <=> $a->changesPicture);

        return self::remembered($matrix, $axes[0]->id, $across->id);
    }

    /** A layout as somebody arranged it; the usual one where the matrix does not fit it. */
    public static function remembered(Matrix $matrix, ?int $downId, ?int $acrossId): self
    {
        $down = $matrix->axis($downId ?? 0);
        $across = $matrix->axis($acrossId ?? 0);
        $layers = array_values(
            array_filter($matrix->axes, fn(Axis $axis): bool => $axis !== $down && $axis !== $across),
        );
        $fits =
            count($matrix->axes) === 1
                ? ($down === null) !== ($across === null)
                : $down !== null && $across !== null && $down !== $across;

        return $fits ? new self($down, $across, $layers) : self::usual($matrix);
    }

    /** The layout after an axis is given another place; the axis that was there takes its old one. */
    public function moved(Matrix $matrix, Axis $axis, string $place): self
    {
        $old = $this->place($axis);
        $other = match ($place) {
            self::DOWN => $this->down,
            self::ACROSS => $this->across,
            default => $this->layers[0] ?? null,
        };
        if ($place === $old || ($place === self::LAYERS && $other === null)) {
            return $this;
        }
        $at = [self::DOWN => $this->down?->id, self::ACROSS => $this->across?->id];
        foreach ([[$place, $axis->id], [$old, $other?->id]] as [$where, $id]) {
            if ($where !== self::LAYERS) {
                $at[$where] = $id;
            }
        }

        return self::remembered($matrix, $at[self::DOWN], $at[self::ACROSS]);
    }

    public function isLayer(Axis $axis): bool
    {
        return $this->place($axis) === self::LAYERS;
    }

    /** @return string "down", "across" or "layers" */
    public function place(Axis $axis): string
    {
        return match ($axis->id) {
            $this->down?->id => self::DOWN,
            $this->across?->id => self::ACROSS,
            default => self::LAYERS,
        };
    }

    /** @return list<string> the places there are for an axis */
    public function places(): array
    {
        return $this->layers === [] ? [self::DOWN, self::ACROSS] : [self::DOWN, self::ACROSS, self::LAYERS];
    }

    /**
     * The layers to look at first: of a large matrix one value of each layer axis, from the last, until not
     * too many cells are left.
     *
     * @return array<int, int> axis id => value id
     */
    public function firstLayers(Matrix $matrix): array
    {
        $cells = $matrix->cellCount();
        $layers = [];
        foreach (array_reverse($this->layers) as $axis) {
            if ($cells > self::MOST_AT_ONCE) {
                $layers[$axis->id] = $axis->values[0]->id;
                $cells = intdiv($cells, $axis->count());
            }
        }
        ksort($layers);

        return $layers;
    }
}
