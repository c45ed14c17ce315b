<?php

declare(strict_types=1);

namespace App\Intake;

use App\Models\PhotoState;

/** Another picture that shows what one of a drop shows, or is said to. */
final readonly class Alike
{
    /**
     * @param  ?int  $fileId  of the drop
     * @param  ?int  $placementId  of the product
     */
    public function __construct(
        public DuplicateKind $likeness,
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

    public function asNearly(): self
    {
        return new self(DuplicateKind::Nearly, $this->photoId, $this->file, $this->photoState, $this->width, $this->height, $this->bytes, $this->fileId, $this->placementId);
    }

    public function heading(): string
    {
        return match ($this->likeness) {
            DuplicateKind::Same => 'The same picture twice in this drop',
            DuplicateKind::Nearly => $this->fileId !== null ? 'Nearly the same picture twice in this drop' : 'The product has nearly the same picture',
            DuplicateKind::Place => $this->fileId !== null ? 'Two pictures for one place' : 'The product has a picture of this view there',
        };
    }

    public function inWords(): string
    {
        return match ($this->likeness) {
            DuplicateKind::Same => "The same picture as {$this->file}, of this drop.",
            DuplicateKind::Nearly => "Nearly the same picture as {$this->file}, ".($this->fileId !== null ? 'of this drop.' : 'which the product has.'),
            DuplicateKind::Place => $this->fileId !== null ? "{$this->file}, of this drop, is read as the same view of the same part." : "{$this->file} is the same view of the same part already.",
        };
    }
}
