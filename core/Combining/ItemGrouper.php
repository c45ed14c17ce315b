<?php

declare(strict_types=1);

namespace Core\Combining;

use Core\Text\NearWords;

/**
 * Proposes which single items are one product: those whose names are alike but for values. A stem that differs by a slip
 * of one letter is taken for the same, and never surely.
 */
final readonly class ItemGrouper
{
    /** Letters and digits that a stem has at least to be told from others. */
    private const SHORTEST = 4;

    /** Signs that codes of one product have in common at the beginning. */
    private const COMMON = 2;

    public function __construct(private ItemWords $words) {}

    /**
     * @param  iterable<Item>  $items
     * @return list<ItemGroup> the doubtful ones first, then the largest
     */
    public function groups(iterable $items): array
    {
        $reader = new ItemReader($this->words);
        $byStem = [];
        foreach ($items as $item) {
            $read = $reader->read($item);
            if ($read->stem !== '') {
                $byStem[$read->stem][] = $read;
            }
        }
        [$byStem, $slips] = $this->joined($byStem);
        $groups = [];
        foreach ($byStem as $stem => $read) {
            $group = count($read) > 1 ? $this->group($read, isset($slips[$stem])) : null;
            if ($group !== null) {
                $groups[] = $group;
            }
        }
        usort(
            $groups,
            fn(ItemGroup $a, ItemGroup $b): int => [$a->isSure(), count($b->items), $a->name] <=> [
                $b->isSure(),
                count($a->items),
                $b->name,
            ],
        );

        return $groups;
    }

    /**
     * Stems that are a slip away from a larger one go with it.
     *
     * @param  array<string, list<ReadItem>>  $byStem
     * @return array{array<string, list<ReadItem>>, array<string, true>} and those that took in others
     */
    private function joined(array $byStem): array
    {
        uasort($byStem, fn(array $a, array $b): int => count($b) <=> count($a));
        $near = new NearWords();
        $slips = [];
        foreach (array_keys($byStem) as $stem) {
            $stem = (string) $stem;
            $other = count($byStem[$stem]) === 1 ? $near->near($stem) : null;
            if ($other !== null && isset($byStem[$other])) {
                array_push($byStem[$other], ...$byStem[$stem]);
                unset($byStem[$stem]);
                $slips[$other] = true;
            } else {
                $near->add($stem);
            }
        }

        return [$byStem, $slips];
    }

    /** @param  non-empty-list<ReadItem>  $read */
    private function group(array $read, bool $hasSlips): ?ItemGroup
    {
        usort($read, fn(ReadItem $a, ReadItem $b): int => strnatcasecmp($a->item->code, $b->item->code));
        $labels = [];
        foreach ($read as $one) {
            foreach ($one->values as $axis => $word) {
                $labels[$axis][$word->value] = true;
            }
        }
        // An axis on which all of them say the same tells none apart, but stays said.
        $axes = array_keys(array_filter($labels, fn(array $all): bool => count($all) > 1));
        if ($axes === []) {
            return null;
        }
        $items = array_map(
            fn(ReadItem $one): PlacedItem => new PlacedItem(
                $one->item,
                array_map(
                    fn(ValueWord $word): string => $word->value,
                    array_intersect_key($one->values, array_flip($axes)),
                ),
            ),
            $read,
        );
        $same = array_keys(array_filter($labels, fn(array $all): bool => count($all) === 1));
        $name = trim($this->usualTitle($read) . $this->sameWords($labels, $same, count($read), $read));

        return new ItemGroup($name, $this->code($read), $axes, $items, $this->doubts($read, $items, $axes, $hasSlips));
    }

    /**
     * @param  array<string, array<string, true>>  $labels
     * @param  list<string>  $same  axes on which only one value is said
     * @param  non-empty-list<ReadItem>  $read
     */
    private function sameWords(array $labels, array $same, int $count, array $read): string
    {
        $words = '';
        foreach ($same as $axis) {
            $saying = array_filter($read, fn(ReadItem $one): bool => isset($one->values[$axis]));
            $words .= count($saying) === $count ? ' ' . array_key_first($labels[$axis]) : '';
        }

        return $words;
    }

    /** @param  non-empty-list<ReadItem>  $read */
    private function usualTitle(array $read): string
    {
        $counts = array_count_values(array_map(fn(ReadItem $one): string => $one->title, $read));
        arsort($counts);

        return (string) array_key_first($counts);
    }

    /**
     * What their codes have in common at the beginning, up to a sign that parts it; else nothing.
     *
     * @param  non-empty-list<ReadItem>  $read
     */
    private function code(array $read): string
    {
        $codes = array_map(fn(ReadItem $one): string => $one->item->code, $read);
        $common = $codes[0];
        foreach ($codes as $code) {
            while ($common !== '' && stripos($code, $common) !== 0) {
                $common = substr($common, 0, -1);
            }
        }
        $whole = preg_match('/^(.*[A-Za-z0-9])[-_.\/ ]/', $common, $found) === 1 ? $found[1] : '';
        $isWhole = preg_match('/[-_.\/ ]$/', $common) === 1;

        return rtrim($isWhole ? $common : $whole, '-_./ ');
    }

    /**
     * @param  non-empty-list<ReadItem>  $read
     * @param  non-empty-list<PlacedItem>  $items
     * @param  non-empty-list<string>  $axes
     * @return list<GroupDoubt>
     */
    private function doubts(array $read, array $items, array $axes, bool $hasSlips): array
    {
        $doubts = $cells = [];
        foreach ($items as $at => $one) {
            $isWhole = count($one->values) === count($axes);
            $doubts[GroupDoubt::Missing->value] = ($doubts[GroupDoubt::Missing->value] ?? false) || !$isWhole;
            $cell = $one->values;
            ksort($cell);
            $cells[json_encode($cell)] = ($cells[json_encode($cell)] ?? 0) + 1;
            foreach ($read[$at]->values as $axis => $word) {
                $isNew = !$word->isKnown && in_array($axis, $axes, true);
                $doubts[GroupDoubt::NewValue->value] = ($doubts[GroupDoubt::NewValue->value] ?? false) || $isNew;
            }
        }
        $doubts[GroupDoubt::Twice->value] = max($cells) > 1;
        $doubts[GroupDoubt::Slip->value] = $hasSlips;
        $doubts[GroupDoubt::Codes->value] = $this->differInCodes($read);
        $doubts[GroupDoubt::Short->value] = mb_strlen(str_replace(' ', '', $read[0]->stem)) < self::SHORTEST;

        return array_values(
            array_filter(GroupDoubt::cases(), fn(GroupDoubt $doubt): bool => $doubts[$doubt->value] ?? false),
        );
    }

    /** @param  non-empty-list<ReadItem>  $read */
    private function differInCodes(array $read): bool
    {
        $beginnings = array_map(
            fn(ReadItem $one): string => mb_strtoupper(mb_substr($one->item->code, 0, self::COMMON)),
            $read,
        );

        return count(array_unique($beginnings)) > 1;
    }
}
