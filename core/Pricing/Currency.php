<?php

declare(strict_types=1);

namespace Core\Pricing;

use NumberFormatter;

/** A currency in use, and how many digits of its minor unit an amount can have. */
final readonly class Currency
{
    /**
     * The codes of ISO 4217 that money is counted in: without precious metals, units of account
     * between banks, the testing code and "no currency". Held against Debian's iso-codes in tests/Reference.
     */
    private const CODES = 'AED AFN ALL AMD ANG AOA ARS AUD AWG AZN BAM BBD BDT BGN BHD BIF BMD BND BOB BOV BRL BSD BTN BWP BYN BZD '
        .'CAD CDF CHE CHF CHW CLF CLP CNY COP COU CRC CUC CUP CVE CZK DJF DKK DOP DZD EGP ERN ETB EUR FJD FKP GBP GEL GHS GIP GMD GNF GTQ GYD '
        .'HKD HNL HRK HTG HUF IDR ILS INR IQD IRR ISK JMD JOD JPY KES KGS KHR KMF KPW KRW KWD KYD KZT LAK LBP LKR LRD LSL LYD '
        .'MAD MDL MGA MKD MMK MNT MOP MRU MUR MVR MWK MXN MXV MYR MZN NAD NGN NIO NOK NPR NZD OMR PAB PEN PGK PHP PKR PLN PYG QAR '
        .'RON RSD RUB RWF SAR SBD SCR SDG SEK SGD SHP SLE SLL SOS SRD SSP STN SVC SYP SZL THB TJS TMT TND TOP TRY TTD TWD TZS '
        .'UAH UGX USD USN UYI UYU UYW UZS VED VES VND VUV WST XAF XCD XOF XPF YER ZAR ZMW ZWL';

    private function __construct(
        public string $code,
        public int $digits,
    ) {
    }

    /**
     * @param  string  $code  three letters, in either case
     *
     * @throws UnknownCurrency where ISO 4217 lists no such currency
     */
    public static function of(string $code): self
    {
        $upper = strtoupper(trim($code));
        if (! in_array($upper, self::codes(), true)) {
            throw new UnknownCurrency($code);
        }

        return new self($upper, self::digits($upper));
    }

    /** @return list<string> the codes of all currencies, in alphabetical order */
    public static function codes(): array
    {
        return explode(' ', self::CODES);
    }

    /** Whether both are the same currency. */
    public function is(self $other): bool
    {
        return $this->code === $other->code;
    }

    /** As intl has them (Unicode CLDR): the digits that amounts are written with today. */
    private static function digits(string $code): int
    {
        return (int) (new NumberFormatter("en@currency={$code}", NumberFormatter::CURRENCY))->getAttribute(NumberFormatter::FRACTION_DIGITS);
    }
}
