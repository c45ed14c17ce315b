<?php

declare(strict_types=1);

namespace App\Intake;

use Core\Gallery\View;
use Core\Reach\Reach;

/** As what a picture of a drop is accepted. */
final readonly class Acceptance
{
    /** @param  ?int  $replacesId  the placement whose file it takes the place of */
    public function __construct(
        public int $productId,
        public Reach $reach,
        public ?View $view,
        public ?int $replacesId = null,
    ) {}
}
