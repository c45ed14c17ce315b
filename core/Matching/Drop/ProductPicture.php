<?php

declare(strict_types=1);

namespace Core\Matching\Drop;

use Core\Gallery\View;
use Core\Reach\Reach;

/** A picture of a product, as far as those of a drop are compared with it. */
final readonly class ProductPicture
{
    public function __construct(
        public DuplicateCandidate $picture,
        public int $productId,
        public Reach $reach,
        public ?View $view,
    ) {}
}
