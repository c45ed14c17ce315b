<?php

declare(strict_types=1);

namespace Core\Sizes;

/** Puts sizes into the order in which people expect to read them. */
final class SizeOrder
{
    public function __construct(private readonly SizeReader $reader = new SizeReader())
    {
    }

    /**
     * A run that has all the sizes decides. Otherwise the family most sizes belong to is sorted, and the
     * rest (another family, or not understood) keep the order they were typed in, after it.
     *
     * @param  list<string>  $sizes
     * @param  list<SizeRun>  $runs  named runs of the library, for sizes such as Single, Double, King
     * @return list<string>
     */
    public function sort(array $sizes, array $runs = []): array
    {
        foreach ($runs as $run) {
            $places = array_map(fn (string $size): ?int => $run->place($size), $sizes);
            if ($sizes !== [] && ! in_array(null, $places, true)) {
                array_multisort($places, SORT_NUMERIC, array_keys($sizes), $sizes);

                return $sizes;
            }
        }
        $read = array_map(fn (string $size): Size => $this->reader->read($size), $sizes);
        $family = $this->leadingFamily($read);
        $known = array_filter($read, fn (Size $size): bool => $size->isKnown() && $size->family === $family);
        $rest = array_diff_key($read, $known);
        uasort($known, fn (Size $a, Size $b): int => $a->rank <=> $b->rank);

        return array_map(fn (Size $size): string => $size->typed, [...array_values($known), ...array_values($rest)]);
    }

    /** @param  list<string>  $sizes */
    public function isSorted(array $sizes): bool
    {
        return $this->sort($sizes) === $sizes;
    }

    /**
     * Sizes that stand under two names: [["XXL", "2XL"]].
     *
     * @param  list<string>  $sizes
     * @return list<list<string>>
     */
    public function aliases(array $sizes): array
    {
        $same = [];
        foreach ($sizes as $size) {
            $same[$this->reader->read($size)->identity()][] = $size;
        }

        return array_values(array_filter($same, fn (array $names): bool => count($names) > 1));
    }

    /** @param  list<Size>  $sizes */
    private function leadingFamily(array $sizes): string
    {
        $counts = [];
        foreach ($sizes as $size) {
            if ($size->isKnown()) {
                $counts[$size->family] = ($counts[$size->family] ?? 0) + 1;
            }
        }
        arsort($counts);

        return (string) array_key_first($counts);
    }
}
