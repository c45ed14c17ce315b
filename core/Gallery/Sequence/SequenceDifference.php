<?php

declare(strict_types=1);

namespace Core\Gallery\Sequence;

use Core\Gallery\Coverage\NumberedShot;

/**
 * What is different between two sequences of pictures: what lacks, what is more, and the least that stands elsewhere.
 */
final readonly class SequenceDifference
{
    /**
     * @param  list<NumberedShot>  $missing  in the reference only
     * @param  list<NumberedShot>  $more  in the other only
     * @param  list<NumberedShot>  $moved  in both; without them the rest is in the same order
     */
    private function __construct(public array $missing, public array $more, public array $moved) {}

    /**
     * @param  list<NumberedShot>  $reference
     * @param  list<NumberedShot>  $own
     */
    public static function between(array $reference, array $own): self
    {
        $ranks = array_flip(array_map(fn(NumberedShot $shot): string => $shot->key, $reference));
        $keys = array_flip(array_map(fn(NumberedShot $shot): string => $shot->key, $own));
        $both = array_values(array_filter($own, fn(NumberedShot $shot): bool => isset($ranks[$shot->key])));
        $inOrder = LongestRun::places(array_map(fn(NumberedShot $shot): int => $ranks[$shot->key], $both));

        return new self(
            array_values(array_filter($reference, fn(NumberedShot $shot): bool => !isset($keys[$shot->key]))),
            array_values(array_filter($own, fn(NumberedShot $shot): bool => !isset($ranks[$shot->key]))),
            array_values(
                array_filter($both, fn(int $place): bool => !in_array($place, $inOrder, true), ARRAY_FILTER_USE_KEY),
            ),
        );
    }

    public function isNone(): bool
    {
        return $this->missing === [] && $this->more === [] && $this->moved === [];
    }

    /** Whether a picture stands elsewhere or is more than the reference has. */
    public function touches(NumberedShot $shot): bool
    {
        return in_array($shot, [...$this->moved, ...$this->more], true);
    }

    /** "detail stands elsewhere; no worn; detail 2 more"; empty where nothing is different. */
    public function inWords(): string
    {
        return implode(
            '; ',
            array_filter([
                $this->moved === []
                    ? ''
                    : self::named($this->moved) .
                        (count($this->moved) === 1 ? ' stands elsewhere' : ' stand elsewhere'),
                $this->missing === [] ? '' : 'no ' . self::named($this->missing),
                $this->more === [] ? '' : self::named($this->more) . ' more',
            ]),
        );
    }

    /** @param  list<NumberedShot>  $shots */
    private static function named(array $shots): string
    {
        return implode(', ', array_map(fn(NumberedShot $shot): string => $shot->inWords(), $shots));
    }
}
