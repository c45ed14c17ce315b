<?php

declare(strict_types=1);

namespace Core\Changes\Pictures;

use Core\Gallery\Placement;
use Core\Gallery\View;
use Core\Product\PictureNames;
use Core\Product\ProductState;
use Core\Reach\Reach;

/** Collects pictures that come into a product behind those it has, each under a name that no other of it has. */
final class NewPictures
{
    /** @var list<Placement> in order */
    private array $added = [];

    private PictureNames $names;

    public function __construct(private readonly ProductState $state)
    {
        $this->names = PictureNames::of($state);
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
        $id = -1 - count($this->added);
        $this->added[] = new Placement($id, $free, $reach, Reach::nothing(), $view, photoId: $photoId);

        return $free;
    }

    /** Another file in the place of a picture's. */
    public function inPlaceOf(Placement $old, int $photoId, string $file): Placement
    {
        return $old->replacedBy($photoId, $this->names->inPlaceOf($old->file, $file));
    }

    /** @return list<Placement> those that were added */
    public function added(): array
    {
        return $this->added;
    }

    /**
     * The product with them.
     *
     * @param  array<Placement>  $changed  of those that it has
     */
    public function state(array $changed = []): ProductState
    {
        $state = $this->state->withChangedPictures($changed);

        return $state->withPictures([...$state->pictures, ...$this->added]);
    }
}
