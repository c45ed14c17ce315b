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
}
