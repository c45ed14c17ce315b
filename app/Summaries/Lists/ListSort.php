<?php

declare(strict_types=1);

namespace App\Summaries\Lists;

/** What the catalog can be sorted by. */
enum ListSort: string
{
    case Name = 'name';
    case Code = 'code';
    case Skus = 'skus';
    case Pictures = 'pictures';
    case Coverage = 'coverage';
    case Price = 'price';
    case Stock = 'stock';
    case Changed = 'changed';
    case Holes = 'holes';
    case Touched = 'touched';

    public function column(): string
    {
        return match ($this) {
            self::Name => 'name',
            self::Code => 'code',
            self::Skus => 'skus',
            self::Pictures => 'pictures',
            self::Coverage => 'coverage',
            self::Price => 'price_low',
            self::Stock => 'units',
            self::Changed => 'changed_at',
            self::Holes => 'holes',
            self::Touched => 'touched',
        };
    }
}
