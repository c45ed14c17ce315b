<?php

declare(strict_types=1);

namespace Core\Details\Types;

use Core\Details\DetailInput;
use Core\Details\DetailSection;
use Core\Details\DetailType;
use Core\Pricing\Currency;
use Core\Text\Day;

/** The day on which something is here that can be ordered before. */
final readonly class PreOrderDetail implements DetailType
{
    use UsualDetail;

    public function label(): string
    {
        return 'Pre-order, here on';
    }

    public function section(): DetailSection
    {
        return DetailSection::Orders;
    }

    public function read(array $typed, Currency $currency): string
    {
        return Day::typed($typed[0])->iso;
    }

    public function inWords(string $kept, Currency $currency): string
    {
        return Day::typed($kept)->inWords();
    }

    public function inputs(string $kept, Currency $currency): array
    {
        $hint = 'Until then it can be ordered ahead, though none is there.';

        return [new DetailInput($this->label(), $kept, 'date', $hint)];
    }
}
