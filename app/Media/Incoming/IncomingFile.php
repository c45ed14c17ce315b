<?php

declare(strict_types=1);

namespace App\Media\Incoming;

use Core\Gallery\View;
use Core\Reach\Reach;

/** A file on its way in, as it lies on this machine. */
final readonly class IncomingFile
{
    /**
     * @param  ?Reach  $reach  the part of its product that it is linked to; null where that is not known
     * @param  ?View  $view  what it shows; null where that is not known
     */
    public function __construct(
        public string $path,
        public string $name,
        public ?Reach $reach = null,
        public ?View $view = null,
    ) {}
}
