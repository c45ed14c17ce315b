<?php

declare(strict_types=1);

namespace Core\Pricing;

/** What a reduction is taken from. */
enum BreakScope: string
{
    case Unit = 'unit';
    case Order = 'order';

    public function inWords(): string
    {
        return match ($this) {
            self::Unit => 'each unit',
            self::Order => 'the order',
        };
    }
}
