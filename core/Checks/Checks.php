<?php

declare(strict_types=1);

namespace Core\Checks;

/** All checks that there are. A new one is registered here. */
final readonly class Checks
{
    /** @return list<Check> */
    public static function all(): array
    {
        return [...DetailCheck::cases(), ...SwatchCheck::cases(), ...AltTextCheck::cases(), ...GalleryCheck::cases()];
    }

    /**
     * @param  list<Check>  $checks
     * @return list<Finding> what stops a release first, then what warns, then what advises
     */
    public static function findings(CheckedProduct $checked, array $checks): array
    {
        $findings = array_merge(...array_map(fn(Check $check): array => $check->findings($checked), $checks));
        $ranks = array_flip(array_map(fn(Severity $severity): string => $severity->value, Severity::cases()));
        $rank = fn(Finding $finding): int => $ranks[$finding->check->severity()->value];
        usort($findings, fn(Finding $one, Finding $other): int => $rank($one) <=> $rank($other));

        return $findings;
    }

    /**
     * How many breaches there are of each check, those without any left out.
     *
     * @return array<string, int> by the key of the check
     */
    public static function counts(CheckedProduct $checked): array
    {
        $counts = [];
        foreach (self::all() as $check) {
            foreach ($check->findings($checked) as $finding) {
                $counts[$check->key()] = ($counts[$check->key()] ?? 0) + $finding->count;
            }
        }

        return $counts;
    }

    /** Whether any check reads it, so that what is kept of findings changes with it. */
    public static function read(Source $source): bool
    {
        foreach (self::all() as $check) {
            if (in_array($source, $check->reads(), true)) {
                return true;
            }
        }

        return false;
    }
}
