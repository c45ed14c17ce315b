<?php

declare(strict_types=1);

namespace Core\Matching;

use Core\Reach\Clause;
use Core\Reach\Reach;

/** Reads the names of a drop together, so that what many of them have in common explains the one that lacks it. */
final readonly class DropReader
{
    /** So often a habit is seen before it explains anything. */
    private const HABIT = 9;

    private NameReader $reader;

    private Judge $judge;

    public function __construct(Lexicon $lexicon)
    {
        $this->reader = new NameReader($lexicon);
        $this->judge = new Judge($lexicon);
    }

    /**
     * @param  array<array-key, DroppedName>  $names
     * @param  ?int  $productId  where all are known to be of one product
     * @param  array<array-key, SeenPicture>  $seen  what was measured of the pictures, by the same keys
     * @return array<array-key, Verdict> by the same keys
     */
    public function read(array $names, ?int $productId = null, array $seen = []): array
    {
        $readings = array_map(fn (DroppedName $name): NameReading => $this->reader->read($name->parts()), $names);
        $common = $this->common($readings);
        $verdicts = $known = [];
        foreach ($readings as $key => $reading) {
            $known[$key] = new Circumstances($names[$key]->productId ?? $productId, $names[$key]->view, $common, $seen[$key] ?? null);
            $verdicts[$key] = $this->judge->judge($reading, $known[$key]);
        }
        $verdicts = $this->withUsualProducts($names, $verdicts, $known);
        $verdicts = $this->withTrustedParts($verdicts, $known);

        return $this->narrowed($verdicts);
    }

    /**
     * @param  array<array-key, NameReading>  $readings
     * @return list<string> unknown words, bare, that stand in many names: a brand, a season, the photographer
     */
    private function common(array $readings): array
    {
        $times = [];
        foreach ($readings as $reading) {
            foreach (array_unique(array_map(fn (NamePart $part): string => $part->bare, $reading->unknown)) as $word) {
                $times[$word] = ($times[$word] ?? 0) + 1;
            }
        }

        return array_map(strval(...), array_keys(array_filter($times, fn (int $count): bool => $count > self::HABIT)));
    }

    /**
     * A name without a product, in a folder where all others are of one.
     *
     * @param  array<array-key, DroppedName>  $names
     * @param  array<array-key, Verdict>  $verdicts
     * @param  array<array-key, Circumstances>  $known
     * @return array<array-key, Verdict>
     */
    private function withUsualProducts(array $names, array $verdicts, array $known): array
    {
        $byFolder = [];
        foreach ($verdicts as $key => $verdict) {
            if ($verdict->isSure()) {
                $byFolder[$names[$key]->folder][(int) $verdict->productId] = ($byFolder[$names[$key]->folder][(int) $verdict->productId] ?? 0) + 1;
            }
        }
        foreach ($verdicts as $key => $verdict) {
            $usual = $byFolder[$names[$key]->folder] ?? [];
            if ($verdict->productId === null && count($usual) === 1 && reset($usual) >= self::HABIT) {
                $verdicts[$key] = $this->judge->judge($verdict->reading, $known[$key]->amongOthersOf(array_key_first($usual)));
            }
        }

        return $verdicts;
    }

    /**
     * A word of a product's name that many have, and that fits them all, is how this drop calls it.
     *
     * @param  array<array-key, Verdict>  $verdicts
     * @param  array<array-key, Circumstances>  $known
     * @return array<array-key, Verdict>
     */
    private function withTrustedParts(array $verdicts, array $known): array
    {
        $fitting = $broken = [];
        foreach ($verdicts as $verdict) {
            if ($verdict->isByPart && $verdict->productId !== null) {
                $fitting[$verdict->productId] = ($fitting[$verdict->productId] ?? 0) + ($verdict->foreignWords() === [] ? 1 : 0);
                $broken[$verdict->productId] = ($broken[$verdict->productId] ?? 0) + ($verdict->foreignWords() === [] ? 0 : 1);
            }
        }
        $trusted = array_keys(array_filter($fitting, fn (int $times, int $id): bool => $times > self::HABIT && $times > self::HABIT * $broken[$id], ARRAY_FILTER_USE_BOTH));

        foreach ($verdicts as $key => $verdict) {
            if ($verdict->isByPart && in_array($verdict->productId, $trusted, true)) {
                $verdicts[$key] = $this->judge->judge($verdict->reading, $known[$key]->trusting($trusted));
            }
        }

        return $verdicts;
    }

    /**
     * The size in a name narrows nothing, unless the same picture is there for another size.
     *
     * @param  array<array-key, Verdict>  $verdicts
     * @return array<array-key, Verdict>
     */
    private function narrowed(array $verdicts): array
    {
        $alike = [];
        foreach ($verdicts as $key => $verdict) {
            if ($verdict->productId !== null && $verdict->reach !== null) {
                foreach ($verdict->narrower as $axisId => $valueId) {
                    $alike[implode(' ', [$verdict->productId, $verdict->reach->key(), $verdict->view?->key, $verdict->place, $axisId])][$valueId][] = $key;
                }
            }
        }
        foreach ($alike as $group => $byValue) {
            $axisId = (int) substr((string) strrchr((string) $group, ' '), 1);
            foreach (count($byValue) > 1 ? $byValue : [] as $valueId => $keys) {
                foreach ($keys as $key) {
                    $reach = $verdicts[$key]->reach ?? Reach::everything();
                    $verdicts[$key] = $verdicts[$key]->narrowedTo($reach->cut(Reach::of(Clause::of([$axisId => [$valueId]]))), 'The same picture is there for another of them, so that each is only for its own.');
                }
            }
        }

        return $verdicts;
    }
}
