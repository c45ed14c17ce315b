<?php

declare(strict_types=1);

namespace App\Http\Screens\Pictures;

/** How slate cards lie on paper. */
enum CardPaper: string
{
    case FourOnA4 = 'four';

    case A4 = 'a4';

    case A6 = 'a6';

    public function label(): string
    {
        return __("cards.paper_{$this->value}");
    }
}
