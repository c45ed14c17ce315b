<?php

declare(strict_types=1);

namespace Core\Sizes;

/** What a size guide says of the sizes of a run: girths of letter codes, or the same shoe in other countries. */
final readonly class SizeGuide
{
    /**
     * @param  list<string>  $columns
     * @param  list<list<string>>  $rows  the size first, then a cell for each further column
     */
    private function __construct(public array $columns, public array $rows) {}

    /** Null where the sizes are of neither kind. */
    public static function of(SizeRun $run): ?self
    {
        $letters = [];
        $shoes = [];
        foreach ($run->sizes as $size) {
            $women = LetterSize::girths($size, forMen: false);
            $men = LetterSize::girths($size, forMen: true);
            if ($women !== null && $men !== null) {
                $letters[] = [$size, "{$women[0]}–{$women[1]}", "{$men[0]}–{$men[1]}"];
            }
            $shoe = self::shoe($size);
            if ($shoe !== null) {
                $shoes[] = [$size, $shoe->inEu(), $shoe->inUk(), $shoe->inUsMen(), $shoe->lastMm()];
            }
        }

        return match (true) {
            $shoes !== [] => new self(['Size', 'EU', 'UK', 'US men', 'Last, mm'], $shoes),
            $letters !== [] => new self(['Size', 'Bust, women, cm', 'Chest, men, cm'], $letters),
            default => null,
        };
    }

    private static function shoe(string $size): ?ShoeSize
    {
        if (preg_match('/^(EU|UK|US)\s*(\d{1,2}(?:\.5)?)$/i', trim($size), $found) !== 1) {
            return null;
        }

        return match (strtoupper($found[1])) {
            'EU' => ShoeSize::eu($found[2]),
            'UK' => ShoeSize::uk($found[2]),
            default => ShoeSize::usMen($found[2]),
        };
    }
}
