<?php

declare(strict_types=1);

namespace Core\Sheets\Reading;

use Core\Gallery\Views;
use Core\Sheets\Axes\AxesMemory;
use Core\Text\Name;

/** How a sheet is to be read, beside what stands in it. */
final readonly class SheetTerms
{
    /**
     * @param  PictureShelf  $pictures  that its cells can name
     * @param  Views  $views  of the shop
     * @param  EmptyCells  $empty  what an empty cell means
     * @param  array<string, true>  $confirmed  "axis color|dusty rose": names that are new although they are nearly
     *   what is there
     * @param  bool  $isOurs  whether its headers are ours: then values stay in the order of its rows
     * @param  AxesMemory  $axes  axes that were read already, of other products of the same sheet
     */
    public function __construct(
        public PictureShelf $pictures,
        public Views $views,
        public EmptyCells $empty = EmptyCells::Keep,
        public array $confirmed = [],
        public bool $isOurs = false,
        public AxesMemory $axes = new AxesMemory(),
    ) {}

    /** By what a name is confirmed as new. */
    public static function confirmation(string $fieldKey, string $name): string
    {
        return "{$fieldKey}|" . Name::of($name)->folded;
    }
}
