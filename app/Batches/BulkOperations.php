<?php

declare(strict_types=1);

namespace App\Batches;

use Closure;
use Core\Refusal;
use Core\RefusalKind;

/** What can be done to many products at once, by the names that batches keep. */
final readonly class BulkOperations
{
    /**
     * @param  array<string, Closure(): BulkOperation>  $operations
     * @param  list<OfferedOperation>  $offered  in the order of the form
     */
    public function __construct(private array $operations, public array $offered = []) {}

    /** @throws Refusal */
    public function named(string $name): BulkOperation
    {
        return isset($this->operations[$name])
            ? $this->operations[$name]()
            : throw new Refusal('Choose what is to be changed.', RefusalKind::Missing, 'act');
    }
}
