<?php

declare(strict_types=1);

namespace Core\Matrix;

/** One point on an axis, under the label that the product gives it. */
final readonly class Value
{
    public function __construct(public int $id, public string $label, public string $code = '') {}
}
