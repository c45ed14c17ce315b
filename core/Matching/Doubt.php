<?php

declare(strict_types=1);

namespace Core\Matching;

/** What speaks against a reading, in a sentence. */
final readonly class Doubt
{
    public function __construct(public DoubtKind $kind, public string $words) {}
}
