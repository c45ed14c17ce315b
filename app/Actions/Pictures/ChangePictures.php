<?php

declare(strict_types=1);

namespace App\Actions\Pictures;

use App\Batches\SameForEach;
use App\Models\Photo;
use App\Store\Library\ViewShelf;
use Core\Changes\Pictures\PictureWay;
use Core\Changes\Pictures\PutPicture;
use Core\Changes\ProductChange;
use Core\Reach\Selection;
use Core\Refusal;
use Core\RefusalKind;

/** Adds, sets, replaces or takes away one picture in chosen values of many products. */
final class ChangePictures implements SameForEach
{
    public const NAME = 'pictures';

    private const LONGEST_PART = 200;

    /** @var array<string, PutPicture> what was read of a batch, for each of its products */
    private array $read = [];

    public function __construct(private readonly ViewShelf $shelf) {}

    public function inWords(array $wanted): string
    {
        return $this->meant($wanted)->inWords();
    }

    public function change(Selection $where, array $wanted): ProductChange
    {
        $key = json_encode($wanted, JSON_THROW_ON_ERROR);

        return $this->read[$key] ??= $this->meant($wanted);
    }

    /**
     * @param  array<string, ?string>  $wanted
     *
     * @throws Refusal
     */
    public function meant(array $wanted): PutPicture
    {
        $way =
            PictureWay::tryFrom((string) ($wanted['way'] ?? '')) ??
            throw new Refusal('Say what is to be done with the picture.', RefusalKind::Missing, 'way');
        $photo =
            $this->photo((int) ($wanted['photo'] ?? 0)) ??
            throw new Refusal('Choose a stored picture first.', RefusalKind::Missing, 'photo');
        $other = $way === PictureWay::Replace ? $this->photo((int) ($wanted['other'] ?? 0)) : null;
        $part = trim((string) ($wanted['part'] ?? ''));
        if (mb_strlen($part) > self::LONGEST_PART) {
            throw new Refusal(
                'The part is longer than anybody would type (' . self::LONGEST_PART . ' characters).',
                RefusalKind::Unreadable,
                'part',
            );
        }
        if ($way === PictureWay::Replace && ($other === null || $other->id === $photo->id)) {
            throw new Refusal('Choose another picture that takes its place.', RefusalKind::Missing, 'other');
        }
        $view = $this->shelf->views()->find($wanted['view'] ?? '');
        if ($way === PictureWay::Set && $view === null) {
            throw new Refusal('Say which view it is to be the only one of.', RefusalKind::Missing, 'view');
        }

        return new PutPicture(
            $way,
            $photo->id,
            self::name((string) ($wanted['file'] ?? ''), $photo),
            $part,
            $view,
            $other?->id,
            $other === null ? '' : self::name((string) ($wanted['other_file'] ?? ''), $other),
        );
    }

    private function photo(int $id): ?Photo
    {
        return Photo::query()->find($id);
    }

    private static function name(string $typed, Photo $photo): string
    {
        return $typed === '' ? "picture-{$photo->id}.{$photo->type}" : mb_substr($typed, 0, 180);
    }
}
