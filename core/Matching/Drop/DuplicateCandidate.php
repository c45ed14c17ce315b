<?php

declare(strict_types=1);

namespace Core\Matching\Drop;

/** Another picture that shows what one of a drop shows, or is said to. */
final readonly class DuplicateCandidate
{
    /**
     * @param  bool  $isReady  whether it can be shown
     * @param  ?int  $fileId  of the drop
     * @param  ?int  $placementId  of the product
     */
    public function __construct(
        public DuplicateKind $kind,
        public int $photoId,
        public string $file,
        public bool $isReady,
        public int $width,
        public int $height,
        public int $bytes,
        public ?int $fileId = null,
        public ?int $placementId = null,
    ) {}

    public function asNearly(): self
    {
        return new self(
            DuplicateKind::Nearly,
            $this->photoId,
            $this->file,
            $this->isReady,
            $this->width,
            $this->height,
            $this->bytes,
            $this->fileId,
            $this->placementId,
        );
    }

    public function heading(): string
    {
        $isOfDrop = $this->fileId !== null;

        return match ($this->kind) {
            DuplicateKind::Same => 'The same picture twice in this drop',
            DuplicateKind::Nearly => $isOfDrop
                ? 'Nearly the same picture twice in this drop'
                : 'The product has nearly the same picture',
            DuplicateKind::Place => $isOfDrop
                ? 'Two pictures for one place'
                : 'The product has a picture of this view there',
        };
    }

    public function inWords(): string
    {
        $isOfDrop = $this->fileId !== null;

        return match ($this->kind) {
            DuplicateKind::Same => "The same picture as {$this->file}, of this drop.",
            DuplicateKind::Nearly => $isOfDrop
                ? "Nearly the same picture as {$this->file}, of this drop."
                : "Nearly the same picture as {$this->file}, which the product has.",
            DuplicateKind::Place => $isOfDrop
                ? "{$this->file}, of this drop, is read as the same view of the same part."
                : "{$this->file} is the same view of the same part already.",
        };
    }
}
