<?php

declare(strict_types=1);

namespace App\Store;

use App\Media\MediaKind;
use App\Models\PhotoState;
use Core\Gallery\Placement;
use Core\Product\Description;
use Core\Reach\Reach;

/** A placement as stored, with its photo, film or model. The reach is the stored one: parts of it may lie dormant. */
final readonly class PlacementRow
{
    public int $photoId;

    public function __construct(
        public Placement $placement,
        public int $position,
        public string $sha256,
        public PhotoState $photoState,
        public ?string $failure,
        public int $width,
        public int $height,
        public int $bytes,
        public string $type = 'jpg',
        public ?int $milliseconds = null,
    ) {
        $this->photoId = $placement->photoId;
    }

    public function kind(): MediaKind
    {
        return MediaKind::ofType($this->type);
    }

    /** "0:12", "3D"; empty of a still. */
    public function mark(): string
    {
        return $this->kind()->mark($this->milliseconds);
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

    /** How the description of the product names it. */
    public function inDescription(): string
    {
        return Description::picture($this->id());
    }
}
