<?php

declare(strict_types=1);

namespace App\Media;

use Imagick;
use ImagickException;
use ImagickPixel;

/**
 * Decodes a picture once and makes every size of it: upright, sRGB, on white, without metadata. Of what moves the first
 * frame. Beside the sizes it leaves small samples of the picture, from which is measured what it looks like.
 */
final class PhotoDeriver
{
    /** Name of the file with the samples. */
    public const SAMPLES = 'samples.json';

    /** Name of the gray copy in which codes are looked for. */
    public const FOR_CODES = 'codes.pgm';

    /** What is read of how a picture was taken. */
    private const EXIF = ['DateTimeOriginal', 'SubSecTimeOriginal', 'Make', 'Model', 'BodySerialNumber'];

    private const QUALITY = 84;

    private const WEBP_QUALITY = 80;

    /** From 0, quick, to 6, small. */
    private const WEBP_EFFORT = '2';

    /** Longer side of the sample in which colors are measured, in pixels. */
    public const COLORS = 48;

    /** Side of the square that the picture is pressed into for its fingerprint, in pixels. */
    private const FINGERPRINT = 32;

    /** Side of the middle in which sharpness is measured, in pixels. */
    private const MIDDLE = 256;

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
        if ($type === 'jpg' && self::isCutOff($original)) {
            // The decoder would fill what is missing with gray, and say nothing.
            throw new ImagickException('The JPEG ends before its end');
        }
        $picture = new Imagick();
        $picture->setOption('png:chunk-malloc-max', '8000000');
        $enough = 2 * PhotoSize::Zoom->side();
        if ($longerSide > $enough) {
            // Lets the JPEG decoder skip what a smaller size does not need.
            $picture->setOption('jpeg:size', "{$enough}x{$enough}");
        }
        $picture->readImage("{$type}:{$original}[0]");
        $picture->setFirstIterator();
        $picture->autoOrient();
        $this->toSrgb($picture);
        if ($picture->getImageAlphaChannel()) {
            $picture->setImageBackgroundColor(new ImagickPixel('white'));
            $picture->setImageAlphaChannel(Imagick::ALPHACHANNEL_REMOVE);
        }
        $exif = self::exif($picture);
        $picture->stripImage();
        $picture->setInterlaceScheme(Imagick::INTERLACE_NO);
        $picture->setOption('webp:method', self::WEBP_EFFORT);

        $sharpness = null;
        $larger = null;
        foreach (PhotoSize::fromLargest() as $size) {
            $isSmaller = max($picture->getImageWidth(), $picture->getImageHeight()) > $size->side();
            if ($isSmaller) {
                $picture->resizeImage($size->side(), $size->side(), Imagick::FILTER_TRIANGLE, 1.0, true);
            }
            $sharpness ??= $this->sharpness($picture);
            if ($size === PhotoSize::Card) {
                $this->writeForCodes($picture, "{$folder}/" . self::FOR_CODES);
            }
            foreach (PictureFormat::cases() as $format) {
                $this->write($picture, $format, "{$folder}/{$size->value}", $isSmaller ? null : $larger);
            }
            $larger = "{$folder}/{$size->value}";
        }
        file_put_contents(
            "{$folder}/" . self::SAMPLES,
            json_encode(
                [
                    'colors' => $this->sample($picture, self::COLORS, true),
                    'fingerprint' => $this->sample($picture, self::FINGERPRINT, false),
                    'sharpness' => $sharpness,
                    'exif' => $exif,
                ],
                JSON_THROW_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE,
            ),
        );
        $picture->clear();
    }

    /** Behind the last scan of a JPEG stands the mark of its end. ITU-T T.81, B.1.1.3. */
    private static function isCutOff(string $path): bool
    {
        $bytes = (string) file_get_contents($path);

        return (int) strrpos($bytes, "\xFF\xDA") > (int) strrpos($bytes, "\xFF\xD9");
    }

    /** @return array<string, string> field => text; of what is written */
    private static function exif(Imagick $picture): array
    {
        $fields = [];
        foreach (self::EXIF as $field) {
            // Imagick answers false for what is not written.
            $text = (string) $picture->getImageProperty("exif:{$field}");
            if ($text !== '') {
                $fields[$field] = substr($text, 0, 200);
            }
        }

        return $fields;
    }

    private function writeForCodes(Imagick $picture, string $path): void
    {
        $gray = clone $picture;
        $gray->setImageType(Imagick::IMGTYPE_GRAYSCALE);
        $gray->setImageDepth(8);
        $gray->writeImage("pgm:{$path}");
        $gray->clear();
    }

    /** @param  ?string  $same  the size before, where this one has as many pixels */
    private function write(Imagick $picture, PictureFormat $format, string $path, ?string $same): void
    {
        if ($same !== null) {
            copy("{$same}.{$format->value}", "{$path}.{$format->value}");

            return;
        }
        $picture->setImageFormat($format === PictureFormat::WebP ? 'webp' : 'jpeg');
        $picture->setImageCompressionQuality($format === PictureFormat::WebP ? self::WEBP_QUALITY : self::QUALITY);
        $picture->writeImage(($format === PictureFormat::WebP ? 'webp' : 'jpeg') . ":{$path}.{$format->value}");
    }

    /**
     * What the file says its numbers mean is kept: colors are converted, not renamed. Numbers without a meaning are
     * taken for sRGB.
     */
    private function toSrgb(Imagick $picture): void
    {
        if ($picture->getImageProfiles('icc', false) !== []) {
            try {
                $picture->setImageRenderingIntent(Imagick::RENDERINGINTENT_RELATIVE);
                $picture->profileImage('icc', SrgbProfile::bytes());
            } catch (ImagickException) {
                // A profile that cannot be read, or is of another kind of color than the picture, says nothing.
            }
        }
        if ($picture->getImageColorspace() !== Imagick::COLORSPACE_SRGB) {
            $picture->transformImageColorspace(Imagick::COLORSPACE_SRGB);
        }
    }

    /** @return array{width: int, height: int, pixels: string} red, green and blue, a byte each, in base 64 */
    private function sample(Imagick $picture, int $side, bool $isFitted): array
    {
        $sample = clone $picture;
        if (!$isFitted || max($sample->getImageWidth(), $sample->getImageHeight()) > $side) {
            $sample->resizeImage($side, $side, Imagick::FILTER_BOX, 1.0, $isFitted);
        }
        [$width, $height] = [$sample->getImageWidth(), $sample->getImageHeight()];
        $pixels = $sample->exportImagePixels(0, 0, $width, $height, 'RGB', Imagick::PIXEL_CHAR);
        $sample->clear();

        return ['width' => $width, 'height' => $height, 'pixels' => base64_encode(pack('C*', ...$pixels))];
    }

    /**
     * How strongly neighboring pixels differ in the middle of the picture: the root mean square of the Laplacian of its
     * light; 0 where all is one, under 5 where nothing is sharp.
     */
    private function sharpness(Imagick $picture): float
    {
        [$width, $height] = [
            min(self::MIDDLE, $picture->getImageWidth()),
            min(self::MIDDLE, $picture->getImageHeight()),
        ];
        $light = $picture->exportImagePixels(
            intdiv($picture->getImageWidth() - $width, 2),
            intdiv($picture->getImageHeight() - $height, 2),
            $width,
            $height,
            'I',
            Imagick::PIXEL_CHAR,
        );
        $squares = $count = 0;
        for ($y = 1; $y < $height - 1; $y++) {
            for ($at = $y * $width + 1, $end = ($y + 1) * $width - 1; $at < $end; $at++) {
                $squares +=
                    (4 * $light[$at] -
                        $light[$at - 1] -
                        $light[$at + 1] -
                        $light[$at - $width] -
                        $light[$at + $width]) **
                    2;
                $count++;
            }
        }

        return round(sqrt($squares / max(1, $count)), 2);
    }
}
