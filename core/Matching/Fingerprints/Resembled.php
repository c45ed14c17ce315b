<?php

declare(strict_types=1);

namespace Core\Matching\Fingerprints;

use Core\Gallery\View;
use Core\Reach\Reach;

/** A picture of a product that one of a drop is nearly the same as. */
final readonly class Resembled
{
    public function __construct(public int $productId, public Reach $reach, public ?View $view, public string $file) {}
}
