<?php

declare(strict_types=1);

namespace Core\Gallery\Sequence;

/** The order in which as many galleries as can be have one sequence of views, and those that cannot. */
final readonly class Matched
{
    /**
     * @param  list<int>  $order  all placement ids
     * @param  list<Mismatch>  $mismatches
     */
    public function __construct(public array $order, public array $mismatches) {}
}
