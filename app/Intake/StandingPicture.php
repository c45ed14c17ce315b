<?php

declare(strict_types=1);

namespace App\Intake;

use Core\Gallery\View;
use Core\Reach\Reach;

/** A picture of a product, as far as those of a drop are compared with it. */
final readonly class StandingPicture
{
    public function __construct(
        public Alike $picture,
        public int $productId,
        public Reach $reach,
        public ?View $view,
    ) {
    }
}
