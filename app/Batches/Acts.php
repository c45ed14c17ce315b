<?php

declare(strict_types=1);

namespace App\Batches;

use Closure;
use Core\Refusal;
use Core\RefusalKind;

/** The acts there are, by the names that batches keep. */
final readonly class Acts
{
    /** @param  array<string, Closure(): (Act|BulkOperation)>  $acts */
    public function __construct(private array $acts)
    {
    }

    public function named(string $name): Act|BulkOperation
    {
        return isset($this->acts[$name])
            ? $this->acts[$name]()
            : throw new Refusal('Choose what is to be changed.', RefusalKind::Missing, 'act');
    }
}
