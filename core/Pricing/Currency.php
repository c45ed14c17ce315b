<?php

declare(strict_types=1);

namespace Core\Pricing;

/** A currency in use, and how many digits of its minor unit an amount can have. */
final readonly class Currency
{
    /**
     * The codes of ISO 4217 that money is counted in: without precious metals, units of account
     * between banks, the testing code and "no currency". Held against Debian's iso-codes in tests/Reference.
     */
    private const CODES =
        'AED AFN ALL AMD ANG AOA ARS AUD AWG AZN BAM BBD BDT BGN BHD BIF BMD BND BOB BOV BRL BSD BTN BWP BYN BZD ' .
        'CAD CDF CHE CHF CHW CLF CLP CNY COP COU CRC CUC CUP CVE CZK DJF DKK DOP DZD EGP ERN ETB EUR FJD FKP GBP GEL GHS GIP GMD GNF GTQ GYD ' .
        'HKD HNL HRK HTG HUF IDR ILS INR IQD IRR ISK JMD JOD JPY KES KGS KHR KMF KPW KRW KWD KYD KZT LAK LBP LKR LRD LSL LYD ' .
        'MAD MDL MGA MKD MMK MNT MOP MRU MUR MVR MWK MXN MXV MYR MZN NAD NGN NIO NOK NPR NZD OMR PAB PEN PGK PHP PKR PLN PYG QAR ' .
        'RON RSD RUB RWF SAR SBD SCR SDG SEK SGD SHP SLE SLL SOS SRD SSP STN SVC SYP SZL THB TJS TMT TND TOP TRY TTD TWD TZS ' .
        'UAH UGX USD USN UYI UYU UYW UZS VED VES VND VUV WST XAF XCD XOF XPF YER ZAR ZMW ZWL';

    private const USUAL_DIGITS = 2;

    /** Those of another number of digits. Held against a package's list of ISO 4217 in tests/Reference. */
    private const DIGITS = [
        'BIF' => 0,
        'CLP' => 0,
        'DJF' => 0,
        'GNF' => 0,
        'ISK' => 0,
        'JPY' => 0,
        'KMF' => 0,
        'KRW' => 0,
        'PYG' => 0,
        'RWF' => 0,
        'UGX' => 0,
        'UYI' => 0,
        'VND' => 0,
        'VUV' => 0,
        'XAF' => 0,
        'XOF' => 0,
        'XPF' => 0,
        'BHD' => 3,
        'IQD' => 3,
        'JOD' => 3,
        'KWD' => 3,
        'LYD' => 3,
        'OMR' => 3,
        'TND' => 3,
        'CLF' => 4,
        'UYW' => 4,
    ];

    private function __construct(public string $code, public int $digits) {}

    /**
     * @param  string  $code  three letters, in either case
     *
     * @throws UnknownCurrency where ISO 4217 lists no such currency
     */
    public static function of(string $code): self
    {
        $upper = strtoupper(trim($code));
        if (!in_array($upper, self::codes(), true)) {
            throw new UnknownCurrency($code);
        }

        return new self($upper, self::digits($upper));
    }

    /** @return list<string> the codes of all currencies, in alphabetical order */
    public static function codes(): array
    {
        return explode(' ', self::CODES);
    }

    /** Signs, and whose they are: several may share one. Unicode, block Currency Symbols. */
    private const SIGNS = [
        '€' => 'EUR',
        '£' => 'GBP EGP FKP GIP SHP SSP SYP LBP SDG',
        '¥' => 'JPY CNY',
        '￥' => 'JPY CNY',
        '₹' => 'INR',
        '₽' => 'RUB',
        '₺' => 'TRY',
        '₩' => 'KRW KPW',
        '₪' => 'ILS',
        '฿' => 'THB',
        '₫' => 'VND',
        '₴' => 'UAH',
        '₱' => 'PHP CUP',
        '₦' => 'NGN',
        '₡' => 'CRC',
        '₸' => 'KZT',
        '₾' => 'GEL',
        '$' =>
            'USD AUD BBD BMD BND BSD BZD CAD CLP COP DOP FJD GYD HKD JMD KYD LRD MXN NAD NZD SBD SGD SRD TTD TWD UYU XCD ARS CUP CVE',
    ];

    /** Whether a sign or a code on a price is this currency's. */
    public function isSaidBy(string $sign): bool
    {
        return strtoupper($sign) === $this->code || in_array($this->code, explode(' ', self::SIGNS[$sign] ?? ''), true);
    }

    /** Whether both are the same currency. */
    public function is(self $other): bool
    {
        return $this->code === $other->code;
    }

    /** Of the minor unit by ISO 4217; what is written by habit may be less. */
    private static function digits(string $code): int
    {
        return self::DIGITS[$code] ?? self::USUAL_DIGITS;
    }
}
