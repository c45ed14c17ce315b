<?php

declare(strict_types=1);

namespace App\Intake;

use App\Models\Product;
use Core\Gallery\View;
use Core\Reach\Selection;

/** Where somebody points: pictures of a drop are linked there. */
final readonly class PointedPlace
{
    /** @param ?View $view what they show; null for what is read */
    public function __construct(public Product $product, public Selection $where, public ?View $view) {}
}
