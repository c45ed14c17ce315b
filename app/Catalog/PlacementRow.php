<?php

declare(strict_types=1);

namespace App\Catalog;

use App\Models\PhotoState;
use Core\Gallery\Placement;
use Core\Reach\Reach;

/** A placement as stored, with its photo. The reach is the stored one: parts of it may lie dormant. */
final readonly class PlacementRow
{
    public function __construct(
        public Placement $placement,
        public int $position,
        public int $photoId,
        public string $sha256,
        public PhotoState $photoState,
        public ?string $failure,
        public int $width,
        public int $height,
        public int $bytes,
    ) {
    }

    public function id(): int
    {
        return $this->placement->id;
    }

    public function reach(): Reach
    {
        return $this->placement->reach;
    }

    public function file(): string
    {
        return $this->placement->file;
    }
}
