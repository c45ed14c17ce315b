<?php

declare(strict_types=1);

namespace Core\Changes\Pictures;

use Core\Gallery\View;
use Core\Reach\Reach;

/** A picture file that comes into a product. */
final readonly class ArrivingPicture
{
    /**
     * @param  string  $file  the name that it came under
     * @param  Reach  $reach  where it is linked to; nothing for the tray
     * @param  ?View  $view  what it was said to show
     * @param  ?int  $replacesId  placement of the picture that it takes the place of
     */
    public function __construct(
        public int $photoId,
        public string $file,
        public Reach $reach,
        public ?View $view = null,
        public ?int $replacesId = null,
    ) {}
}
