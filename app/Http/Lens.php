<?php

declare(strict_types=1);

namespace App\Http;

use Core\Details\DetailKind;

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

    /** @return list<DetailKind> what else of the selected part is said in it */
    public function details(): array
    {
        return match ($this) {
            self::Prices => [DetailKind::Sale, DetailKind::ListPrice, DetailKind::Cost, DetailKind::Ending],
            self::Stock => [DetailKind::LowMark, DetailKind::Least, DetailKind::Most, DetailKind::PreOrder],
            default => [],
        };
    }

    /** Whether its cells line up as figures do. */
    public function isOfNumbers(): bool
    {
        return in_array($this, [self::Prices, self::Stock], true);
    }
}
