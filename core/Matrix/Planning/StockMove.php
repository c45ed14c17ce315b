<?php

declare(strict_types=1);

namespace Core\Matrix\Planning;

/** Units that go from a SKU that retires to the one its cell collapses onto. */
final readonly class StockMove
{
    public function __construct(public int $fromSkuId, public int $toSkuId, public int $units) {}
}
