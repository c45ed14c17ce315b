<?php

declare(strict_types=1);

namespace Core\Details\Types;

use Core\Details\DetailInput;
use Core\Details\DetailSection;
use Core\Details\DetailType;
use Core\Details\UnreadableDetail;
use Core\Pricing\Currency;

/** The number under which the tariff of customs has it. */
final readonly class CustomsDetail implements DetailType
{
    use UsualDetail;

    public function label(): string
    {
        return 'Customs code';
    }

    public function section(): DetailSection
    {
        return DetailSection::Sending;
    }

    /** @throws UnreadableDetail */
    public function read(array $typed, Currency $currency): string
    {
        $code = $typed[0];
        $digits = (string) preg_replace('/[.\s]/u', '', $code);

        return preg_match('/^\d{6,12}$/', $digits) === 1 ? $digits : throw UnreadableDetail::noCustomsCode($code);
    }

    public function inputs(string $kept, Currency $currency): array
    {
        return [new DetailInput($this->label(), $kept, hint: '6 to 12 digits of the tariff.')];
    }
}
