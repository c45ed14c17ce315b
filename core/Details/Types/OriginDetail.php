<?php

declare(strict_types=1);

namespace Core\Details\Types;

use Core\Details\Country;
use Core\Details\DetailInput;
use Core\Details\DetailSection;
use Core\Details\DetailType;
use Core\Pricing\Currency;

/** The country that it comes from, as its code of ISO 3166. */
final readonly class OriginDetail implements DetailType
{
    use UsualDetail;

    public function label(): string
    {
        return 'Country of origin';
    }

    public function section(): DetailSection
    {
        return DetailSection::Sending;
    }

    public function read(array $typed, Currency $currency): string
    {
        return Country::typed($typed[0])->code;
    }

    public function inWords(string $kept, Currency $currency): string
    {
        return Country::typed($kept)->name();
    }

    public function inputs(string $kept, Currency $currency): array
    {
        return [new DetailInput($this->label(), $kept, 'select', options: ['' => 'Not said'] + Country::names())];
    }

    public function term(string $kept, Currency $currency): string
    {
        return $this->inWords($kept, $currency);
    }

    public function linked(string $kept): array
    {
        return ['countryOfOrigin' => ['@type' => 'Country', 'name' => $kept]];
    }
}
