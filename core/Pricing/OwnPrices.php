<?php

declare(strict_types=1);

namespace Core\Pricing;

/** What becomes of prices that SKUs have of their own, where the rule changes that makes the others. */
enum OwnPrices: string
{
    /** They stay as they are. */
    case Stay = 'stay';

    /** They are let go of, so that these SKUs follow the rule. */
    case Go = 'go';

    /** They are raised or lowered as the others are. */
    case Change = 'change';

    /** "let go" */
    public function inWords(): string
    {
        return match ($this) {
            self::Stay => 'keep',
            self::Go => 'let go',
            self::Change => 'change as well',
        };
    }
}
