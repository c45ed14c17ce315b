<?php

declare(strict_types=1);

namespace App\Catalog;

use App\Store\Clauses;
use App\Store\PlacementRow;
use Core\Changes\LinkPictures;
use Core\Gallery\View;
use Core\Product\PictureNames;
use Core\Reach\Reach;

/** Pictures that come into a product, behind those it has, each under a name that no other picture of it has. */
final class NewPictures
{
    /** @var list<array<string, mixed>> rows of placements, in order */
    public array $rows = [];

    private PictureNames $names;

    private int $position = 0;

    public function __construct(LoadedProduct $loaded)
    {
        $this->names = PictureNames::of($loaded->state());
        foreach ($loaded->placements as $row) {
            $this->position = max($this->position, $row->position);
        }
    }

    /** The name that a photo has in the product; null where it is not there. */
    public function name(int $photoId): ?string
    {
        return $this->names->nameOf($photoId);
    }

    /** @return string the name it gets: its own, or one with a number where another picture has its own */
    public function add(int $photoId, string $file, Reach $reach, ?View $view): string
    {
        $free = $this->names->free($file);
        $this->names = $this->names->with($photoId, $free);
        $this->rows[] = [
            'photo_id' => $photoId,
            'file_name' => $free,
            'position' => ++$this->position,
            'reach' => Clauses::encode($reach),
            'hidden' => '[]',
            'view' => $view?->key,
            'roles' => '[]',
        ];

        return $free;
    }

    /** @return array<string, int|string> columns of a placement whose file another takes the place of */
    public function inPlaceOf(PlacementRow $old, int $photoId, string $file): array
    {
        return ['photo_id' => $photoId, 'file_name' => $this->names->inPlaceOf($old->file(), $file)];
    }

    /**
     * A picture that is there already is linked there as well, and is hidden there no more.
     *
     * @return array<string, string> columns of its placement
     */
    public static function linkedTo(LoadedProduct $loaded, PlacementRow $row, Reach $reach): array
    {
        $linked = LinkPictures::there($row->placement, $reach, $loaded->matrix);

        return [
            'reach' => Clauses::encode($linked->reach),
            'hidden' => Clauses::encode($linked->hidden),
        ];
    }
}
