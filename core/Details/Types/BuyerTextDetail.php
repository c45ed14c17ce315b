<?php

declare(strict_types=1);

namespace Core\Details\Types;

use Core\Details\BuyerText;
use Core\Details\DetailInput;
use Core\Details\DetailSection;
use Core\Details\DetailType;
use Core\Pricing\Currency;

/** A text that the buyer is asked for, such as a name to embroider. */
final readonly class BuyerTextDetail implements DetailType
{
    use UsualDetail;

    public function label(): string
    {
        return 'Text asked from the buyer';
    }

    public function section(): DetailSection
    {
        return DetailSection::Orders;
    }

    public function isOfProduct(): bool
    {
        return true;
    }

    public function read(array $typed, Currency $currency): string
    {
        return BuyerText::typed($typed[0], $typed[1] ?? '', $typed[2] ?? '')->text();
    }

    public function inWords(string $kept, Currency $currency): string
    {
        return BuyerText::fromText($kept)->inWords();
    }

    public function inputs(string $kept, Currency $currency): array
    {
        $text = $kept === '' ? null : BuyerText::fromText($kept);

        return [
            new DetailInput('Asked from the buyer', $text->asks ?? '', hint: 'Such as Name to embroider.'),
            new DetailInput('At least, characters', (string) $text?->least, hint: '0: may be left empty.'),
            new DetailInput('At most', (string) $text?->most),
        ];
    }
}
