<?php

declare(strict_types=1);

namespace App\Http;

/** What the board's cells show at the moment. */
enum Lens: string
{
    case Photos = 'photos';
    case Codes = 'codes';
    case Prices = 'prices';
    case Stock = 'stock';

    public function label(): string
    {
        return ucfirst($this->value);
    }

    /** Whether its cells line up as figures do. */
    public function isOfNumbers(): bool
    {
        return in_array($this, [self::Prices, self::Stock], true);
    }
}
