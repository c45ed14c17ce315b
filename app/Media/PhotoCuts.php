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

    /** The queue of what somebody looks at: it is worked off when nothing else waits. */
    public const ASKED_FOR = 'asked-for';

    /** Seconds for which a cut stays that nothing shows any more: a page may still be open, a change be undone. */
    private const KEPT_FOR = 86_400;

    private const NAME = '/^([0-9a-f]{64})-(square|wide|tall|chip)((?:-\d{1,4}){0,6})\.(?:jpg|webp)$/';

    public function __construct(private PhotoStore $store) {}

    /** Where the shape of a photo is served. */
    public static function address(int $photoId, Shape $shape, Crop $crop): string
    {
        return "/photos/{$photoId}/{$shape->value}" . ($crop->isMiddle() ? '' : '-' . $crop->key()) . '.jpg';
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

    /**
     * @return ?string null where it is not made yet; it is made then, behind the pictures that arrive
     *
     * @throws CutNotKept where nothing shows the picture so
     */
    public function bytes(Photo $photo, Shape $shape, Crop $crop, PictureFormat $format): ?string
    {
        $path = $this->path($photo, $shape, $crop, $format);
        if ($this->store->disk()->exists($path)) {
            return $this->store->disk()->get($path);
        }
        if (!CropsInUse::of([$photo->id])->has($photo->id, $shape, $crop)) {
            throw new CutNotKept();
        }
        DeriveCuts::dispatch($photo->id, $crop->key(), $shape)->onQueue(self::ASKED_FOR);

        return null;
    }

    /**
     * Removes cuts that nothing shows any more from one of the folders that they lie in.
     *
     * @param  int<0, 255>  $folder
     */
    public function pruneUnused(int $folder): void
    {
        $cuts = [];
        foreach ($this->store->disk()->files(sprintf('derived/%02x', $folder)) as $path) {
            if (preg_match(self::NAME, basename($path), $found) === 1) {
                $cuts[] = [$path, $found[1], Shape::from($found[2]), Crop::fromKey(ltrim($found[3], '-'))];
            }
        }
        $photos =
            $cuts === [] ? [] : Photo::query()->whereIn('sha256', array_column($cuts, 1))->pluck('id', 'sha256')->all();
        $kept = CropsInUse::of(array_values($photos));
        foreach ($cuts as [$path, $sha256, $shape, $crop]) {
            $isKept = isset($photos[$sha256]) && $kept->has($photos[$sha256], $shape, $crop);
            if (!$isKept && $this->store->disk()->lastModified($path) < time() - self::KEPT_FOR) {
                $this->store->disk()->delete($path);
            }
        }
    }

    private function path(Photo $photo, Shape $shape, Crop $crop, PictureFormat $format): string
    {
        return 'derived/' .
            substr($photo->sha256, 0, 2) .
            "/{$photo->sha256}-{$shape->value}" .
            ($crop->isMiddle() ? '' : '-' . $crop->key()) .
            ".{$format->value}";
    }
}
