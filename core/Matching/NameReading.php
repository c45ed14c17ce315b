<?php

declare(strict_types=1);

namespace Core\Matching;

/** What the words about one picture were understood as, before anything is concluded from it. */
final readonly class NameReading
{
    /**
     * @param  list<Understood>  $understood  in the order they stand
     * @param  list<NamePart>  $passedOver  words that mean nothing here: "final", "copy", dates, sizes in pixels
     * @param  list<NamePart>  $numbers  numbers that may be a place in a sequence
     * @param  list<NamePart>  $unknown  words that nobody here knows
     */
    public function __construct(
        public array $understood,
        public array $passedOver,
        public array $numbers,
        public array $unknown,
    ) {
    }

    /**
     * @return list<array{Understood, Meaning}> each word with a meaning of that kind, those of the file's own name first
     */
    public function meanings(MeaningKind $kind): array
    {
        $pairs = [];
        foreach ([true, false] as $isOwn) {
            foreach ($this->understood as $understood) {
                if (($understood->parts[0]->source === NameSource::File) === $isOwn) {
                    array_push($pairs, ...array_map(fn (Meaning $meaning): array => [$understood, $meaning], $understood->of($kind)));
                }
            }
        }

        return $pairs;
    }

    /**
     * What stands right before a part and right behind it, of what is understood.
     *
     * @return list<Understood>
     */
    public function beside(NamePart $part): array
    {
        $row = [];
        foreach ($this->understood as $understood) {
            foreach ($understood->parts as $own) {
                $row[] = [$own, $understood];
            }
        }
        foreach ([...$this->passedOver, ...$this->numbers, ...$this->unknown] as $own) {
            $row[] = [$own, null];
        }
        $row = array_values(array_filter($row, fn (array $one): bool => $one[0]->source === $part->source && $one[0]->segment === $part->segment));
        usort($row, fn (array $a, array $b): int => $a[0]->at <=> $b[0]->at);
        $at = array_search($part, array_column($row, 0), true);

        return $at === false ? [] : array_values(array_filter([$row[$at - 1][1] ?? null, $row[$at + 1][1] ?? null]));
    }
}
