<?php

declare(strict_types=1);

namespace Core\Color;

use Core\Color\Swatches\Swatch;

/**
 * The order of the colors of an axis. Compound colors ("white with red print", "white with blue print") stand together
 * behind the plain color that they have most of.
 */
enum ColorOrder: string
{
    case Hue = 'hue';
    case Lightness = 'lightness';
    case Name = 'name';

    /** ΔE00 within which the first color of a compound is the plain color. */
    private const ONE_COLOR = 5.0;

    /** Chroma below which a color is a gray, which has no hue. */
    private const GRAY = 8.0;

    /** Stands before every color. */
    private const NO_COLOR = [-INF, 0.0, 0.0];

    /** Degrees by which the round of hues is turned, so that it begins with pinks and reds. */
    private const TURN = 20.0;

    public function inWords(): string
    {
        return match ($this) {
            self::Hue => 'by hue',
            self::Lightness => 'from light to dark',
            self::Name => 'by name',
        };
    }

    /**
     * Those without a swatch come last, as they stand.
     *
     * @param  array<int, ?Swatch>  $swatches  by value id, as they stand now
     * @param  array<int, string>  $names  by value id, folded as Text folds names
     * @return list<int> value ids
     */
    public function sorted(array $swatches, array $names): array
    {
        if ($this === self::Name) {
            uasort($names, strnatcmp(...));

            return array_keys($names);
        }
        $known = array_filter($swatches);
        $heads = $this->heads($known);
        $places = array_flip(array_keys($known));
        $keys = [];
        foreach ($known as $id => $swatch) {
            $keys[$id] = [
                ...$this->place($known[$heads[$id]]->main()),
                $places[$heads[$id]],
                ...array_merge(
                    ...array_map(
                        fn(int $at): array => isset($swatch->colors[$at])
                            ? $this->place($swatch->colors[$at])
                            : self::NO_COLOR,
                        [1, 2],
                    ),
                ),
                $places[$id],
            ];
        }
        // Lists of one length are compared from their first figure on.
        uasort($keys, fn(array $one, array $other): int => $one <=> $other);

        return [...array_keys($keys), ...array_keys(array_diff_key($swatches, $known))];
    }

    /**
     * @param  array<int, Swatch>  $swatches
     * @return array<int, int> value id => that of the color it stands with, which is its own where it stands alone
     */
    private function heads(array $swatches): array
    {
        $plain = array_filter($swatches, fn(Swatch $swatch): bool => count($swatch->colors) === 1);
        $heads = $leading = [];
        foreach ($swatches as $id => $swatch) {
            $heads[$id] = $id;
            $least = self::ONE_COLOR;
            if (count($swatch->colors) === 1) {
                continue;
            }
            foreach ($plain + $leading as $other => $candidate) {
                $distance = ColorDifference::ciede2000(Lab::of($swatch->main()), Lab::of($candidate->main()));
                if ($distance < $least) {
                    [$heads[$id], $least] = [$other, $distance];
                }
            }
            $leading += $heads[$id] === $id ? [$id => $swatch] : [];
        }

        return $heads;
    }

    /** @return array{float, float, float} to be compared from the first on */
    private function place(Srgb $color): array
    {
        $lab = Lab::of($color);

        return match (true) {
            $this === self::Lightness => [-$lab->lightness, 0.0, 0.0],
            $lab->chroma() < self::GRAY => [0.0, -$lab->lightness, 0.0],
            default => [1.0, fmod($lab->hue() + self::TURN, 360), -$lab->lightness],
        };
    }
}
