<?php

declare(strict_types=1);

namespace Core\Details;

use Core\Text\Name;
use Locale;

/** A country of ISO 3166-1, by its two letters. Names are those of Unicode CLDR, as intl has them. */
final class Country
{
    /** @var array<string, string> code => name; read once */
    private static array $names = [];

    /** Codes that intl has names for and that are no country of ISO 3166-1: groups, reserved and withdrawn ones. */
    private const NONE = [
        'AC',
        'AN',
        'BU',
        'CP',
        'CQ',
        'CS',
        'CT',
        'DD',
        'DG',
        'DY',
        'EA',
        'EU',
        'EZ',
        'FQ',
        'FX',
        'HV',
        'IC',
        'JT',
        'MI',
        'NH',
        'NQ',
        'NT',
        'PC',
        'PU',
        'PZ',
        'QO',
        'QU',
        'RH',
        'SU',
        'TA',
        'TP',
        'UK',
        'UN',
        'VD',
        'WK',
        'XA',
        'XB',
        'XK',
        'YD',
        'YU',
        'ZR',
        'ZZ',
    ];

    private function __construct(public readonly string $code) {}

    /**
     * Two letters, or the name in English.
     *
     * @throws UnreadableDetail
     */
    public static function typed(string $typed): self
    {
        $code = mb_strtoupper(trim($typed));
        $names = self::names();
        if (isset($names[$code])) {
            return new self($code);
        }
        foreach ($names as $known => $name) {
            if (Name::of($name)->is(Name::of($typed))) {
                return new self((string) $known);
            }
        }
        throw UnreadableDetail::noCountry($typed);
    }

    public function name(): string
    {
        return self::names()[$this->code] ?? $this->code;
    }

    /** @return array<string, string> code => name, by name */
    public static function names(): array
    {
        if (self::$names === []) {
            foreach (range('A', 'Z') as $first) {
                foreach (range('A', 'Z') as $second) {
                    $name = Locale::getDisplayRegion("-{$first}{$second}", 'en');
                    if (
                        $name !== false &&
                        $name !== $first . $second &&
                        !in_array($first . $second, self::NONE, true)
                    ) {
                        self::$names[$first . $second] = $name;
                    }
                }
            }
            asort(self::$names);
        }

        return self::$names;
    }
}
