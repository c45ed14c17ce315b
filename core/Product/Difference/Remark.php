<?php

declare(strict_types=1);

namespace Core\Product\Difference;

/** One thing that is different between two states of a product, in words. */
final readonly class Remark
{
    public function __construct(public Section $section, public string $words) {}
}
