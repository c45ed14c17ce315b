<?php

declare(strict_types=1);

namespace Core\Codes;

/**
 * The bars of a GTIN: EAN-13 (a GTIN-12 as UPC-A, which has the same bars as an EAN-13 that begins with 0), EAN-8, and
 * ITF-14. GS1 General Specifications, sections 5.2 and 5.3 (from memory); held against an independent reader in
 * tests/Reference.
 */
final readonly class Barcode
{
    /** Of the digits 0 to 9 in seven modules, from the left: odd parity. */
    private const ODD = [
        '0001101',
        '0011001',
        '0010011',
        '0111101',
        '0100011',
        '0110001',
        '0101111',
        '0111011',
        '0110111',
        '0001011',
    ];

    /** Which of the left six digits of an EAN-13 have even parity, by its first digit. */
    private const PARITY = [
        '000000',
        '001011',
        '001101',
        '001110',
        '010011',
        '011001',
        '011100',
        '010101',
        '010110',
        '011010',
    ];

    /** Interleaved 2 of 5: which of the five bars, or spaces, of a digit are wide. */
    private const WIDE = ['00110', '10001', '01001', '11000', '00101', '10100', '01100', '00011', '10010', '01010'];

    /** Modules of a wide bar of an ITF-14; the standard asks for 2.5, and bars of whole modules are drawn clearer. */
    private const WIDE_MODULES = 3;

    /**
     * @param  string  $digits  as they are printed below
     * @param  list<int>  $widths  in modules, of bar, space, bar …; the first is a bar
     * @param  int  $quietLeft  modules that stay white
     * @param  int  $quietRight  modules that stay white
     */
    private function __construct(
        public string $symbology,
        public string $digits,
        public array $widths,
        public int $quietLeft,
        public int $quietRight,
    ) {}

    /**
     * @param  string  $gtin  8, 12, 13 or 14 digits
     *
     * @throws UnreadableGtin
     */
    public static function of(string $gtin): self
    {
        $digits = Gtin::typed($gtin);

        return match (strlen($digits)) {
            8 => new self('EAN-8', $digits, self::runs(self::eight($digits)), 7, 7),
            12 => new self('UPC-A', $digits, self::runs(self::thirteen("0{$digits}")), 9, 9),
            13 => new self('EAN-13', $digits, self::runs(self::thirteen($digits)), 11, 7),
            default => new self('ITF-14', $digits, self::fourteen($digits), 10, 10),
        };
    }

    /** @return int modules of all bars and spaces, without the quiet zones */
    public function modules(): int
    {
        return array_sum($this->widths);
    }

    /**
     * @return list<array{int, int}> of each bar: where it begins, from the left edge of the quiet zone, and how wide it
     *   is, in modules
     */
    public function bars(): array
    {
        $bars = [];
        $at = $this->quietLeft;
        foreach ($this->widths as $place => $width) {
            if ($place % 2 === 0) {
                $bars[] = [$at, $width];
            }
            $at += $width;
        }

        return $bars;
    }

    private static function thirteen(string $digits): string
    {
        $left = '';
        foreach (str_split(substr($digits, 1, 6)) as $at => $digit) {
            $left .= self::PARITY[(int) $digits[0]][$at] === '1' ? self::even((int) $digit) : self::ODD[(int) $digit];
        }

        return "101{$left}01010" . self::right(substr($digits, 7)) . '101';
    }

    private static function eight(string $digits): string
    {
        return '101' .
            implode(
                '',
                array_map(fn(string $digit): string => self::ODD[(int) $digit], str_split(substr($digits, 0, 4))),
            ) .
            '01010' .
            self::right(substr($digits, 4)) .
            '101';
    }

    private static function right(string $digits): string
    {
        return implode(
            '',
            array_map(fn(string $digit): string => strtr(self::ODD[(int) $digit], '01', '10'), str_split($digits)),
        );
    }

    private static function even(int $digit): string
    {
        return strrev(strtr(self::ODD[$digit], '01', '10'));
    }

    /** @return list<int> */
    private static function fourteen(string $digits): array
    {
        $widths = [1, 1, 1, 1];
        foreach (str_split($digits, 2) as $pair) {
            for ($place = 0; $place < 5; $place++) {
                foreach ([0, 1] as $side) {
                    $widths[] = self::WIDE[(int) $pair[$side]][$place] === '1' ? self::WIDE_MODULES : 1;
                }
            }
        }

        return [...$widths, self::WIDE_MODULES, 1, 1];
    }

    /**
     * @param  string  $modules  a one to each dark module, a zero to each light one
     * @return list<int> widths
     */
    private static function runs(string $modules): array
    {
        preg_match_all('/1+|0+/', $modules, $runs);

        return array_map(strlen(...), $runs[0]);
    }
}
