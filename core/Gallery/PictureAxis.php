<?php

declare(strict_types=1);

namespace Core\Gallery;

use Core\Matrix\Axis;

/** How an axis stands in what is linked: how many pictures name it in their reach. */
final readonly class PictureAxis
{
    /**
     * @param  int  $named  linked pictures that are narrowed by it
     * @param  int  $linked  all linked pictures but those to be read
     * @param  bool  $isProposed  whether what is linked says that its values look different
     */
    public function __construct(public Axis $axis, public int $named, public int $linked, public bool $isProposed) {}

    /** "24 of 26 pictures are linked by Color" */
    public function inWords(): string
    {
        return $this->linked === 0
            ? 'no picture is linked yet'
            : "{$this->named} of {$this->linked} " .
                    ($this->linked === 1 ? 'picture is' : 'pictures are') .
                    " linked by {$this->axis->name}";
    }
}
