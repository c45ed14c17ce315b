<?php

declare(strict_types=1);

namespace Core\Gallery\Coverage;

/** One picture combination and one view of the shot list. */
final readonly class CoverageCell
{
    /**
     * @param  int  $skus  made cells of the combination
     * @param  int  $lacking  how many of them do not show the view
     * @param  list<int>  $placementIds  the pictures of the view that any of them shows, in order
     */
    public function __construct(
        public Shot $shot,
        public Cover $cover,
        public int $skus,
        public int $lacking,
        public array $placementIds,
    ) {}

    /** Whether something is missing that is needed. */
    public function isHole(): bool
    {
        return $this->cover === Cover::Missing && $this->shot->need !== Need::NotWanted;
    }

    /** Whether something is missing that must not be. */
    public function isRequiredHole(): bool
    {
        return $this->cover === Cover::Missing && $this->shot->need === Need::Required;
    }

    /**
     * "there", "shared", "missing", "missing on 2 of 6 SKUs", "not wanted"; said of what is there even where it is not
     * wanted.
     */
    public function inWords(): string
    {
        return match (true) {
            $this->shot->need === Need::NotWanted && $this->cover === Cover::Missing => Need::NotWanted->value .
                ($this->shot->reason === '' ? '' : ": {$this->shot->reason}"),
            $this->cover === Cover::Missing && $this->lacking < $this->skus
                => "missing on {$this->lacking} of {$this->skus} SKUs",
            default => $this->cover->value,
        };
    }
}
