<?php

declare(strict_types=1);

namespace Core\Sheets\Reading;

/** The pictures that a sheet can name. */
interface PictureShelf
{
    /** The picture of that name: exactly, then without regard to case, extension and separators; null for none. */
    public function find(string $name): ?FoundPicture;

    /** The name of a picture that is called nearly so; null for none. */
    public function near(string $name): ?string;
}
