<?php

declare(strict_types=1);

namespace Core\Changes\Prices;

/** How prices are changed where one rule makes all of them. */
enum PriceWay: string
{
    /** By the rule; where that leaves something to decide, the person is asked first. */
    case Asking = '';

    /** By the rule. */
    case Rule = 'rule';

    /** Each SKU gets a price of its own. */
    case Own = 'own';
}
