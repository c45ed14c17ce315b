<?php

declare(strict_types=1);

namespace Core\Matrix;

/** What was understood of values typed or pasted in one go. */
final readonly class TypedValues
{
    /**
     * @param  list<string>  $values  trimmed, each once, as typed
     * @param  list<RepeatedValue>  $doubles  those that were typed again
     * @param  list<NearMiss>  $nearMisses
     */
    public function __construct(
        public array $values,
        public array $doubles,
        public array $nearMisses,
    ) {
    }
}
