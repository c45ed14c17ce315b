<?php

declare(strict_types=1);

namespace Core\Matching\Drop;

use Core\Matching\Names\KnownProduct;
use Core\Matching\Verdict;

/** A picture of a drop as its name and its look are read. */
final readonly class DropPicture
{
    /**
     * @param  int  $id  of the file in the drop
     * @param  string  $file  its name
     * @param  bool  $isReady  whether it can be shown
     * @param  int  $width  in pixels; 0 while nobody has measured it, as the height
     * @param  ?KnownProduct  $product  that the verdict is about; null where nobody knows
     */
    public function __construct(
        public int $id,
        public string $file,
        public int $photoId,
        public bool $isReady,
        public int $width,
        public int $height,
        public int $bytes,
        public DropFileStatus $status,
        public ?Verdict $verdict,
        public ?KnownProduct $product,
    ) {}

    /** Whether its place can be told: a product is known, and it waits for nothing else. */
    public function isRead(): bool
    {
        return in_array($this->status, [DropFileStatus::Sure, DropFileStatus::Likely], true);
    }

    public function asCandidate(DuplicateKind $kind): DuplicateCandidate
    {
        return new DuplicateCandidate(
            $kind,
            $this->photoId,
            $this->file,
            $this->isReady,
            $this->width,
            $this->height,
            $this->bytes,
            $this->id,
        );
    }
}
