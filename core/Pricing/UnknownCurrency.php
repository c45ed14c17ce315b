<?php

declare(strict_types=1);

namespace Core\Pricing;

use Core\CoreException;

final class UnknownCurrency extends CoreException
{
    public function __construct(string $code)
    {
        parent::__construct(
            '“' . mb_substr($code, 0, 20) . '” is not a currency. Type the three letters of one, such as EUR.',
        );
    }
}
