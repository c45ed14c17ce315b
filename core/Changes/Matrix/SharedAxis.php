<?php

declare(strict_types=1);

namespace Core\Changes\Matrix;

use Core\Matrix\AxisDisplay;
use Core\Matrix\AxisKind;
use Core\Sizes\SizeRun;

/** An axis of the library, with all that reading what somebody types for it needs. */
final readonly class SharedAxis
{
    /**
     * @param  array<int, SharedValue>  $values  by id, in the library's order
     * @param  list<SizeRun>  $runs
     */
    public function __construct(
        public int $id,
        public string $name,
        public string $folded,
        public AxisKind $kind,
        public bool $changesPicture,
        public AxisDisplay $display,
        public array $values,
        public array $runs,
    ) {}
}
