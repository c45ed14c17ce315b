<?php

declare(strict_types=1);

namespace App\Intake;

use App\Models\PhotoState;

/** Another picture that shows what one of a drop shows, or is said to. */
final readonly class Alike
{
    /**
     * @param  bool  $isSamePicture  whether it is nearly the same picture; else only its place is the same
     * @param  ?int  $fileId  of the drop
     * @param  ?int  $placementId  of the product
     */
    public function __construct(
        public bool $isSamePicture,
        public int $photoId,
        public string $file,
        public PhotoState $photoState,
        public int $width,
        public int $height,
        public int $bytes,
        public ?int $fileId = null,
        public ?int $placementId = null,
    ) {
    }

    public function asSamePicture(): self
    {
        return new self(true, $this->photoId, $this->file, $this->photoState, $this->width, $this->height, $this->bytes, $this->fileId, $this->placementId);
    }

    public function heading(): string
    {
        return match (true) {
            $this->isSamePicture && $this->fileId !== null => 'Nearly the same picture twice in this drop',
            $this->isSamePicture => 'The product has nearly the same picture',
            $this->fileId !== null => 'Two pictures for one place',
            default => 'The product has a picture of this view there',
        };
    }

    public function inWords(): string
    {
        return match (true) {
            $this->isSamePicture && $this->fileId !== null => "Nearly the same picture as {$this->file}, of this drop.",
            $this->isSamePicture => "Nearly the same picture as {$this->file}, which the product has.",
            $this->fileId !== null => "{$this->file}, of this drop, is read as the same view of the same part.",
            default => "{$this->file} is the same view of the same part already.",
        };
    }
}
