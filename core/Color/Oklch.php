<?php

declare(strict_types=1);

namespace Core\Color;

/**
 * A color by lightness, chroma and hue of Oklab. B. Ottosson, A perceptual color space for image processing (2020);
 * W3C, CSS Color Module Level 4, 9.
 */
final readonly class Oklch
{
    /**
     * @param  float  $lightness  from 0 (black) to 1 (white)
     * @param  float  $chroma  from 0 (gray) to about 0.4
     * @param  float  $hue  in degrees
     */
    public function __construct(public float $lightness, public float $chroma, public float $hue) {}

    /** Whether a screen can show it. */
    public function isShown(): bool
    {
        return Srgb::shows(...$this->linear());
    }

    /**
     * The color that a screen shows for it: where it is too colorful for one, the most colorful of the same lightness
     * and hue.
     */
    public function toSrgb(): Srgb
    {
        [$low, $high] = [0.0, $this->chroma];
        for ($round = 0; !$this->isShown() && $round < 24; $round++) {
            $middle = ($low + $high) / 2;
            (new self($this->lightness, $middle, $this->hue))->isShown() ? ($low = $middle) : ($high = $middle);
        }

        return Srgb::fromLinear(...($this->isShown() ? $this : new self($this->lightness, $low, $this->hue))->linear());
    }

    /**
     * @return array{float, float, float} red, green and blue as light adds up; outside of 0 to 1 where no screen shows
     *   it
     */
    private function linear(): array
    {
        [$a, $b] = [$this->chroma * cos(deg2rad($this->hue)), $this->chroma * sin(deg2rad($this->hue))];
        $l = ($this->lightness + 0.3963377774 * $a + 0.2158037573 * $b) ** 3;
        $m = ($this->lightness - 0.1055613458 * $a - 0.0638541728 * $b) ** 3;
        $s = ($this->lightness - 0.0894841775 * $a - 1.291485548 * $b) ** 3;

        return [
            4.0767416621 * $l - 3.3077115913 * $m + 0.2309699292 * $s,
            -1.2684380046 * $l + 2.6097574011 * $m - 0.3413193965 * $s,
            -0.0041960863 * $l - 0.7034186147 * $m + 1.707614701 * $s,
        ];
    }
}
