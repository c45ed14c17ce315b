<?php

declare(strict_types=1);

namespace App\Media\Looks;

use App\Media\PhotoDeriver;
use Core\Color\Measuring\ColorMeter;
use Core\Color\Measuring\PictureColors;
use Core\Color\Measuring\Sample;
use Core\Matching\Fingerprints\Fingerprint;
use JsonException;

/** What a picture looks like, as it was measured when it was read. */
final readonly class PhotoLook
{
    /**
     * @param  float  $sharpness  the root mean square of the Laplacian of its light in the middle, from 0
     * @param  ?Sample  $pressed  the whole picture, pressed into 32 × 32; null where it was not asked for
     */
    public function __construct(
        public PictureColors $colors,
        public Fingerprint $fingerprint,
        public float $sharpness,
        public ?Sample $pressed = null,
    ) {}

    /**
     * @param  string  $json  the samples as PhotoDeriver leaves them
     *
     * @throws JsonException
     */
    public static function measured(string $json): self
    {
        /**
         * @var array{
         *     colors: array{width: int, height: int, pixels: string},
         *     fingerprint: array{width: int, height: int, pixels: string},
         *     sharpness: float,
         * } $samples
         */
        $samples = json_decode($json, true, flags: JSON_THROW_ON_ERROR);

        $pressed = self::sample($samples['fingerprint']);

        return new self(
            (new ColorMeter())->measure(self::sample($samples['colors'])),
            Fingerprint::of($pressed),
            $samples['sharpness'],
            $pressed,
        );
    }

    /** @param  array{width: int, height: int, pixels: string}  $sample */
    private static function sample(array $sample): Sample
    {
        return Sample::ofBytes($sample['width'], $sample['height'], (string) base64_decode($sample['pixels'], true));
    }
}
