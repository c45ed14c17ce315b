<?php

declare(strict_types=1);

namespace App\Media;

use App\Models\Photo;
use App\Models\PhotoState;
use Core\Color\Measuring\Sample;
use Core\Gallery\Crop;
use Core\Gallery\Shape;
use Imagick;

/** Pixels of pictures, small enough to be measured; read from sizes that were derived, which are ours. */
final readonly class PictureSamples
{
    /** Pixels along the longer side. */
    private const WHOLE = 72;

    private const PATCH = 40;

    public function __construct(private PhotoStore $store) {}

    /** @return ?Sample of all of a picture; null where it is not ready */
    public function whole(Photo $photo): ?Sample
    {
        return $this->fitted($photo, self::WHOLE);
    }

    /** @return ?Sample of all of a picture, as large as its colors are measured from; null where it is not ready */
    public function measured(Photo $photo): ?Sample
    {
        return $this->fitted($photo, PhotoDeriver::COLORS);
    }

    private function fitted(Photo $photo, int $side): ?Sample
    {
        $picture = $this->read($photo, PhotoSize::Card);
        if ($picture === null) {
            return null;
        }
        $longer = max($picture->getImageWidth(), $picture->getImageHeight());

        return $this->sample($picture, min(1.0, $side / $longer));
    }

    /** @return ?Sample of the square that a frame says; null where the picture is not ready */
    public function patch(Photo $photo, Crop $frame): ?Sample
    {
        $picture = $this->read($photo, PhotoSize::Gallery);
        if ($picture === null) {
            return null;
        }
        $cut = $frame->cut(Shape::Chip, $picture->getImageWidth(), $picture->getImageHeight());
        $picture->cropImage($cut->width, $cut->height, $cut->left, $cut->top);
        $picture->setImagePage(0, 0, 0, 0);

        return $this->sample($picture, min(1.0, self::PATCH / $cut->width));
    }

    private function read(Photo $photo, PhotoSize $size): ?Imagick
    {
        $bytes = $photo->state === PhotoState::Ready ? $this->store->derived($photo, $size) : null;
        if ($bytes === null) {
            return null;
        }
        $picture = new Imagick();
        $picture->readImageBlob($bytes, 'jpeg:sample');

        return $picture;
    }

    private function sample(Imagick $picture, float $scale): Sample
    {
        $picture->resizeImage(
            max(1, (int) round($scale * $picture->getImageWidth())),
            max(1, (int) round($scale * $picture->getImageHeight())),
            Imagick::FILTER_BOX,
            1.0,
        );
        [$width, $height] = [$picture->getImageWidth(), $picture->getImageHeight()];
        /** @var list<int> $channels */
        $channels = $picture->exportImagePixels(0, 0, $width, $height, 'RGB', Imagick::PIXEL_CHAR);
        $picture->clear();

        return new Sample(
            $width,
            $height,
            array_map(
                fn(array $pixel): int => ($pixel[0] << 16) | ($pixel[1] << 8) | $pixel[2],
                array_chunk($channels, 3),
            ),
        );
    }
}
