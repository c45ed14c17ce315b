<?php

declare(strict_types=1);

namespace Core\Pricing;

use Core\CoreException;

final class CurrencyMismatch extends CoreException
{
    public function __construct(Currency $one, Currency $other)
    {
        parent::__construct(
            "An amount in {$one->code} and one in {$other->code} cannot be put together. Change one of the currencies first.",
        );
    }
}
