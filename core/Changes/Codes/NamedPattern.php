<?php

declare(strict_types=1);

namespace Core\Changes\Codes;

use Core\Codes\CodePattern;

/** A pattern of the library, by which codes of SKUs are made. */
final readonly class NamedPattern
{
    public function __construct(public int $id, public string $name, public CodePattern $pattern) {}
}
