<?php

declare(strict_types=1);

namespace Core\Matching\Names;

/** What a part of a name means by the habit of its drop, whatever it would mean by itself. */
final readonly class PartHabit
{
    /**
     * @param  ?int  $shot  the number of a shot
     * @param  list<Meaning>  $views  a view; of one that says nothing at all, none
     */
    private function __construct(public ?int $shot, public array $views) {}

    /** The number of a shot: the second of a run, or the one with the letter b. */
    public static function shot(int $number): self
    {
        return new self($number, []);
    }

    /** @param  non-empty-list<Meaning>  $views  what a letter stands for in this drop */
    public static function view(array $views): self
    {
        return new self(null, $views);
    }

    /** Nothing: a piece of a fingerprint. */
    public static function nothing(): self
    {
        return new self(null, []);
    }
}
