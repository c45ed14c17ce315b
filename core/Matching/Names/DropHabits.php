<?php

declare(strict_types=1);

namespace Core\Matching\Names;

/**
 * What only the drop as a whole can say of the parts of its names: where the numbers or letters behind one stem run on,
 * they are shots, whatever sizes there are; where several letters for views stand at the end of names, they are views;
 * and letters and digits in turn are the fingerprint of a file, not sizes.
 */
final readonly class DropHabits
{
    /** Letters that stand for a view at the end of a name. Common practice, no source. */
    private const VIEWS = [
        'f' => 'front',
        'fr' => 'front',
        'b' => 'back',
        'bk' => 'back',
        's' => 'side',
        'sd' => 'side',
        'l' => 'side',
        'r' => 'side',
        'd' => 'detail',
        'dt' => 'detail',
        't' => 'top view',
    ];

    /** Those that are sizes as well: they are views only beside others that are not. */
    private const SIZES = ['s', 'l'];

    /** Sizes that no view is called by: where they stand in the same place, all of them are sizes. */
    private const ONLY_SIZES = ['xs', 'm', 'xl', 'xxl'];

    /** Digits of a shot's number. */
    private const MOST_DIGITS = 2;

    /** Characters of a fingerprint in which letters and digits change often, and of one in which they do not. */
    private const SHORT_PRINT = 6;

    private const LONG_PRINT = 8;

    private const OFTEN = 3;

    /** Words before the number of a shot. */
    private const SHOTS = [
        'shot',
        'prise',
        'toma',
        'take',
        'aufnahme',
        'bild',
        'pic',
        'picture',
        'foto',
        'photo',
        'image',
    ];

    public function __construct(private Lexicon $lexicon) {}

    /**
     * @param  array<array-key, list<NamePart>>  $parts  of each name
     * @param  array<array-key, DroppedName>  $names
     * @return array<array-key, array<int, PartHabit>> by the same keys: place of a part => what it means
     */
    public function of(array $parts, array $names): array
    {
        $habits = array_map(fn(array $own): array => $this->fingerprints($own) + $this->numbers($own), $parts);
        $ends = [];
        foreach ($parts as $key => $own) {
            $at = $this->end($own);
            if ($at !== null && !isset($habits[$key][$at])) {
                $stem = $names[$key]->folder . "\n" . implode(' ', array_column(array_slice($own, 0, $at), 'bare'));
                $ends[$stem][$key] = [$at, $own[$at]];
            }
        }
        $views = $this->viewLetters(
            array_merge(
                ...array_values(
                    array_map(fn(array $stem): array => array_column(array_column($stem, 1), 'bare'), $ends),
                ),
            ),
        );
        foreach ($ends as $stem) {
            $shots = $this->shots(array_map(fn(array $end): NamePart => $end[1], $stem));
            foreach ($stem as $key => [$at, $part]) {
                if (isset($shots[$key])) {
                    $habits[$key][$at] = PartHabit::shot($shots[$key]);
                } elseif (isset($views[$part->bare])) {
                    $habits[$key][$at] = PartHabit::view($views[$part->bare]);
                }
            }
        }

        return $habits;
    }

    /**
     * The last part of a file's own name that says something, where it stands behind others.
     *
     * @param  list<NamePart>  $parts
     */
    private function end(array $parts): ?int
    {
        $own = count(array_filter($parts, fn(NamePart $part): bool => $part->source === NameSource::File));
        for ($at = $own - 1; $at > 0; $at--) {
            if (!Noise::isNoise($parts, $at)) {
                return $parts[$at]->isGlued ? null : $at;
            }
        }

        return null;
    }

    /**
     * @param  array<array-key, NamePart>  $ends  of names with one stem
     * @return array<array-key, int> the number of each, where they run on from 0 or 1, or from a
     */
    private function shots(array $ends): array
    {
        $digits = $letters = [];
        foreach ($ends as $key => $part) {
            if ($part->isNumber() && strlen($part->bare) <= self::MOST_DIGITS) {
                $digits[$key] = (int) $part->bare;
            } elseif (preg_match('/^[a-z]$/', $part->bare) === 1) {
                $letters[$key] = ord($part->bare) - ord('a') + 1;
            }
        }

        return (self::runsOn($digits) ? $digits : []) + (self::runsOn($letters) ? $letters : []);
    }

    /** @param  array<array-key, int>  $numbers */
    private static function runsOn(array $numbers): bool
    {
        $all = array_values(array_unique($numbers));
        sort($all);

        return count($all) > 1 && $all[0] <= 1 && $all[count($all) - 1] - $all[0] === count($all) - 1;
    }

    /**
     * @param  list<string>  $ends  the last part of each name, bare
     * @return array<string, non-empty-list<Meaning>> letters that stand for views in this drop
     */
    private function viewLetters(array $ends): array
    {
        $used = array_intersect_key(self::VIEWS, array_flip($ends));
        $plain = array_diff(array_keys($used), self::SIZES);
        if (count($used) < 2 || $plain === [] || array_intersect($ends, self::ONLY_SIZES) !== []) {
            return [];
        }
        $views = [];
        foreach ($used as $letter => $word) {
            $meanings = array_values(
                array_filter(
                    $this->lexicon->exactly(str_replace(' ', '', $word)),
                    fn(Meaning $meaning): bool => $meaning->kind === MeaningKind::View,
                ),
            );
            if ($meanings !== []) {
                $views[$letter] = $meanings;
            }
        }

        return $views;
    }

    /**
     * @param  list<NamePart>  $parts
     * @return array<int, PartHabit> of letters and digits in turn, as a program makes them, that are no word or code
     */
    private function fingerprints(array $parts): array
    {
        $habits = [];
        for ($from = 0; $from < count($parts); $from = $end) {
            $end = $from + 1;
            while ($end < count($parts) && $parts[$end]->isGlued && $parts[$end]->source === $parts[$from]->source) {
                $end++;
            }
            $word = implode('', array_column(array_slice($parts, $from, $end - $from), 'bare'));
            $shortest = $end - $from > self::OFTEN ? self::SHORT_PRINT : self::LONG_PRINT;
            $isPrint = $end - $from > 1 && strlen($word) >= $shortest && preg_match('/^[0-9a-f]+$/', $word) === 1;
            if (
                $isPrint &&
                !$this->isKnown([$word, ...array_column(array_slice($parts, $from, $end - $from), 'bare')])
            ) {
                $habits += array_fill($from, $end - $from, PartHabit::nothing());
            }
        }

        return $habits;
    }

    /** @param  list<string>  $words  bare: of them only long ones can be a code or a GTIN */
    private function isKnown(array $words): bool
    {
        foreach ($words as $word) {
            if (strlen($word) >= self::SHORT_PRINT && $this->lexicon->exactly($word) !== []) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  list<NamePart>  $parts
     * @return array<int, PartHabit> of numbers that the word before them explains, so that they are no sizes
     */
    private function numbers(array $parts): array
    {
        $habits = [];
        foreach ($parts as $at => $part) {
            $before = $parts[$at - 1]->bare ?? '';
            if ($at === 0 || !$part->isNumber() || strlen($part->bare) > self::MOST_DIGITS) {
                continue;
            }
            if ($part->isGlued && in_array($before, Noise::VERSIONS, true)) {
                $habits[$at] = PartHabit::nothing();
            } elseif (in_array($before, self::SHOTS, true)) {
                $habits[$at] = PartHabit::shot((int) $part->bare);
            }
        }

        return $habits;
    }
}
