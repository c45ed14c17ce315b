<?php

declare(strict_types=1);

namespace App\Media;

use Imagick;
use ImagickException;
use ImagickPixel;

/** Decodes a picture once and makes every size of it: upright, sRGB, on white, without metadata. Of what moves the first frame. */
final class PhotoDeriver
{
    private const QUALITY = 84;

    /** A picture that is larger goes through a file, which the limits of the process bound. */
    private const MEMORY = 192 * 1024 * 1024;

    /**
     * @param  string  $original  path of the file
     * @param  string  $type  what it is, by content: no other reader is tried
     * @param  int  $longerSide  of the original, in pixels
     * @param  string  $folder  where the sizes are written, each under its name
     *
     * @throws ImagickException
     */
    public function derive(string $original, string $type, int $longerSide, string $folder): void
    {
        Imagick::setResourceLimit(Imagick::RESOURCETYPE_MEMORY, self::MEMORY);
        Imagick::setResourceLimit(Imagick::RESOURCETYPE_MAP, 0);
        Imagick::setResourceLimit(Imagick::RESOURCETYPE_THREAD, 1);
        $picture = new Imagick();
        $picture->setOption('png:chunk-malloc-max', '8000000');
        $enough = 2 * PhotoSize::Full->side();
        if ($longerSide > $enough) {
            // Lets the JPEG decoder skip what a smaller size does not need.
            $picture->setOption('jpeg:size', "{$enough}x{$enough}");
        }
        $picture->readImage("{$type}:{$original}[0]");
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

        foreach ([PhotoSize::Full, PhotoSize::Card, PhotoSize::Thumb] as $size) {
            if (max($picture->getImageWidth(), $picture->getImageHeight()) > $size->side()) {
                $picture->resizeImage($size->side(), $size->side(), Imagick::FILTER_TRIANGLE, 1.0, true);
            }
            $picture->writeImage("jpeg:{$folder}/{$size->value}.jpg");
        }
        $picture->clear();
    }
}
