<?php

declare(strict_types=1);

namespace Core\Matching\Names;

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
    ) {}

    /**
     * @return list<array{Understood, Meaning}> each word with a meaning of that kind, those of the file's own name
     *   first
     */
    public function meanings(MeaningKind $kind): array
    {
        $pairs = [];
        foreach ([true, false] as $isOwn) {
            foreach ($this->understood as $understood) {
                if (($understood->parts[0]->source === NameSource::File) === $isOwn) {
                    array_push(
                        $pairs,
                        ...array_map(fn(Meaning $meaning): array => [$understood, $meaning], $understood->of($kind)),
                    );
                }
            }
        }

        return $pairs;
    }

    /** The same without what a file's own name says of its ground: "white bg", "on white". */
    public function withoutGround(): self
    {
        $grounds = $idle = [];
        foreach ($this->unknown as $part) {
            foreach ($part->source === NameSource::File ? $this->beside($part) : [] as $understood) {
                if ($understood->isOnly(MeaningKind::Value) && Noise::saysGround($part, $understood->parts[0])) {
                    $grounds[] = $understood;
                    array_push($idle, $part, ...$understood->parts);
                }
            }
        }

        return $grounds === []
            ? $this
            : new self(
                array_values(
                    array_filter($this->understood, fn(Understood $one): bool => !in_array($one, $grounds, true)),
                ),
                [...$this->passedOver, ...$idle],
                $this->numbers,
                array_values(array_filter($this->unknown, fn(NamePart $part): bool => !in_array($part, $idle, true))),
            );
    }

    /** Whether a value is said by nothing but a plain number. */
    public function saysByNumber(int $axisId, int $valueId): bool
    {
        $isByNumber = false;
        foreach ($this->meanings(MeaningKind::Value) as [$understood, $meaning]) {
            if ($meaning->axisId === $axisId && $meaning->valueId === $valueId) {
                $isByNumber = true;
                foreach ($understood->parts as $part) {
                    if (!$part->isNumber()) {
                        return false;
                    }
                }
            }
        }

        return $isByNumber;
    }

    /**
     * The same with some parts understood as one, whatever was made of them before.
     *
     * @param  non-empty-list<NamePart>  $parts
     * @param  non-empty-list<Meaning>  $meanings
     */
    public function withUnderstood(array $parts, array $meanings): self
    {
        usort($parts, fn(NamePart $a, NamePart $b): int => $a->at <=> $b->at);
        $isOther = fn(NamePart $own): bool => !in_array($own, $parts, true);
        $understood = array_values(
            array_filter(
                $this->understood,
                fn(Understood $one): bool => array_filter($one->parts, $isOther) === $one->parts,
            ),
        );

        return new self(
            [...$understood, new Understood($parts, $meanings)],
            $this->passedOver,
            $this->numbers,
            array_values(array_filter($this->unknown, $isOther)),
        );
    }

    /**
     * What stands right before a part and right behind it, of what is understood; small words between are passed over.
     *
     * @return list<Understood>
     */
    public function beside(NamePart $part): array
    {
        return array_values(array_filter($this->neighbors($part), fn(mixed $one): bool => $one instanceof Understood));
    }

    /**
     * @return list<Understood|NamePart> what stands right before a part and right behind it: what it was understood as,
     *                                   or the part itself
     */
    public function neighbors(NamePart $part): array
    {
        $row = [];
        foreach ($this->understood as $understood) {
            foreach ($understood->parts as $own) {
                $row[] = [$own, $understood];
            }
        }
        foreach ([...$this->passedOver, ...$this->numbers, ...$this->unknown] as $own) {
            $row[] = [$own, $own];
        }
        $row = array_values(
            array_filter(
                $row,
                fn(array $one): bool => $one[0]->source === $part->source &&
                    $one[0]->segment === $part->segment &&
                    ($one[1] instanceof Understood || !Noise::isParticle($one[0])),
            ),
        );
        usort($row, fn(array $a, array $b): int => $a[0]->at <=> $b[0]->at);
        $at = array_search($part, array_column($row, 0), true);

        return $at === false ? [] : array_values(array_filter([$row[$at - 1][1] ?? null, $row[$at + 1][1] ?? null]));
    }
}
