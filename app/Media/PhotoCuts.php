<?php

declare(strict_types=1);

namespace App\Media;

use App\Models\Photo;
use Core\Gallery\Crop;
use Core\Gallery\Shape;
use Imagick;

/** The shapes of pictures: cut from the largest size that is derived, which is ours to read. */
final readonly class PhotoCuts
{
    private const QUALITY = 84;

    private const WEBP_QUALITY = 80;

    public function __construct(private PhotoStore $store)
    {
    }

    /** Where the shape of a photo is served. */
    public static function address(int $photoId, Shape $shape, Crop $crop): string
    {
        return "/photos/{$photoId}/{$shape->value}".($crop->isMiddle() ? '' : '-'.$crop->key()).'.jpg';
    }

    /** @param  Shape  $shape  made with all that are cut along with it */
    public function make(Photo $photo, Crop $crop, Shape $shape): void
    {
        $bytes = $this->store->derived($photo, PhotoSize::Zoom);
        if ($bytes === null) {
            return;
        }
        $picture = new Imagick();
        $picture->readImageBlob($bytes, 'jpeg:zoom');
        foreach ($shape->cutWith() as $shape) {
            $cut = $crop->cut($shape, $picture->getImageWidth(), $picture->getImageHeight());
            $part = clone $picture;
            $part->cropImage($cut->width, $cut->height, $cut->left, $cut->top);
            $part->setImagePage(0, 0, 0, 0);
            if ($cut->width > $shape->width()) {
                $part->resizeImage($shape->width(), $shape->height(), Imagick::FILTER_TRIANGLE, 1.0);
            }
            foreach (PictureFormat::cases() as $format) {
                $part->setImageFormat($format === PictureFormat::WebP ? 'webp' : 'jpeg');
                $part->setImageCompressionQuality($format === PictureFormat::WebP ? self::WEBP_QUALITY : self::QUALITY);
                $this->store->write($this->path($photo, $shape, $crop, $format), $part->getImageBlob());
            }
            $part->clear();
        }
        $picture->clear();
    }

    /** @return ?string null where it is not made yet; it is made then */
    public function bytes(Photo $photo, Shape $shape, Crop $crop, PictureFormat $format): ?string
    {
        $path = $this->path($photo, $shape, $crop, $format);
        if ($this->store->disk()->exists($path)) {
            return $this->store->disk()->get($path);
        }
        DeriveCuts::dispatch($photo->id, $crop->key(), $shape);

        return null;
    }

    private function path(Photo $photo, Shape $shape, Crop $crop, PictureFormat $format): string
    {
        return 'derived/'.substr($photo->sha256, 0, 2)."/{$photo->sha256}-{$shape->value}".($crop->isMiddle() ? '' : '-'.$crop->key()).".{$format->value}";
    }
}
