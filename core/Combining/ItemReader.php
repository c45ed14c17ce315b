<?php

declare(strict_types=1);

namespace Core\Combining;

use Core\Text\Name;

/** Reads the name of a single item: words of values are taken out, longest first, and what is left is the stem. */
final readonly class ItemReader
{
    /** Words that say nothing by themselves. */
    private const FILLING = ['size', 'sizes', 'color', 'colour', 'in', 'größe', 'gr', 'farbe', 'taille', 'couleur'];

    public function __construct(private ItemWords $words) {}

    public function read(Item $item): ReadItem
    {
        $shown = preg_split('~[\s\-–—_/,;:|()\[\]]+~u', Name::of($item->name)->shown, -1, PREG_SPLIT_NO_EMPTY) ?: [];
        $folded = array_map(fn(string $word): string => Name::of($word)->folded, $shown);
        $values = $taken = [];
        for ($length = ItemWords::LONGEST; $length > 0; $length--) {
            for ($at = 0; $at + $length <= count($folded); $at++) {
                $places = range($at, $at + $length - 1);
                if (array_intersect($places, $taken) !== []) {
                    continue;
                }
                // Words that can say two things say what nothing else here says.
                foreach ($this->words->find(implode(' ', array_slice($folded, $at, $length))) as $found) {
                    if (!$this->isOfName($found, $values, $at, $folded)) {
                        $taken = [...$taken, ...$places];
                        $values[$found->axis] = $found;
                        break;
                    }
                }
            }
        }
        $rest = array_filter(
            $folded,
            fn(string $word, int $at): bool => !in_array($at, $taken, true) && !in_array($word, self::FILLING, true),
            ARRAY_FILTER_USE_BOTH,
        );
        $title = implode(' ', array_intersect_key($shown, $rest));
        sort($rest);

        return new ReadItem($item, implode(' ', $rest), $title, $values);
    }

    /**
     * Whether it belongs to the name: a value of that axis is said already, or the name begins with a usual word.
     *
     * @param  array<string, ValueWord>  $values
     * @param  list<string>  $folded
     */
    private function isOfName(ValueWord $found, array $values, int $at, array $folded): bool
    {
        return isset($values[$found->axis]) || ($at === 0 && count($folded) > 1 && !$found->isKnown);
    }
}
