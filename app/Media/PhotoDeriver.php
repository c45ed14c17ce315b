<?php

declare(strict_types=1);

namespace App\Media;

use Imagick;
use ImagickPixel;

/** Decodes a picture once and makes every size of it: upright, sRGB, on white, without metadata. */
final class PhotoDeriver
{
    private const QUALITY = 84;

    private const MEMORY = 512 * 1024 * 1024;

    /**
     * @param  int  $longerSide  of the original, in pixels
     * @return array<string, string> PhotoSize value => JPEG bytes
     */
    public function derive(string $original, int $longerSide): array
    {
        Imagick::setResourceLimit(Imagick::RESOURCETYPE_MEMORY, self::MEMORY);
        Imagick::setResourceLimit(Imagick::RESOURCETYPE_MAP, self::MEMORY);
        Imagick::setResourceLimit(Imagick::RESOURCETYPE_THREAD, 1);
        $picture = new Imagick();
        $enough = 2 * PhotoSize::Full->side();
        if ($longerSide > $enough) {
            // Lets the JPEG decoder skip what a smaller size does not need.
            $picture->setOption('jpeg:size', "{$enough}x{$enough}");
        }
        $picture->readImageBlob($original);
        $picture->setFirstIterator();
        $picture->autoOrient();
        if ($picture->getImageColorspace() !== Imagick::COLORSPACE_SRGB) {
            $picture->transformImageColorspace(Imagick::COLORSPACE_SRGB);
        }
        if ($picture->getImageAlphaChannel()) {
            $picture->setImageBackgroundColor(new ImagickPixel('white'));
            $picture->setImageAlphaChannel(Imagick::ALPHACHANNEL_REMOVE);
        }
        $picture->stripImage();
        $picture->setImageFormat('jpeg');
        $picture->setImageCompressionQuality(self::QUALITY);
        $picture->setInterlaceScheme(Imagick::INTERLACE_NO);

        $sizes = [];
        foreach ([PhotoSize::Full, PhotoSize::Card, PhotoSize::Thumb] as $size) {
            if (max($picture->getImageWidth(), $picture->getImageHeight()) > $size->side()) {
                $picture->resizeImage($size->side(), $size->side(), Imagick::FILTER_TRIANGLE, 1.0, true);
            }
            $sizes[$size->value] = $picture->getImageBlob();
        }
        $picture->clear();

        return $sizes;
    }
}
