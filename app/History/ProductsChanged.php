<?php

declare(strict_types=1);

namespace App\History;

use Illuminate\Contracts\Events\ShouldDispatchAfterCommit;

/** Products were changed, and it is kept: what was counted of them is out of date. */
final readonly class ProductsChanged implements ShouldDispatchAfterCommit
{
    /** @param  ?int  $madeId  a product that was made just now, and is to stand in the list at once */
    public function __construct(public ?int $madeId = null) {}
}
