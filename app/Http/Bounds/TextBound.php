<?php

declare(strict_types=1);

namespace App\Http\Bounds;

/** A text of at most so many characters, or nothing. */
final readonly class TextBound implements Bound
{
    public function __construct(private int $longest) {}

    public function fault(mixed $given): ?string
    {
        return match (true) {
            $given === null => null,
            !is_string($given) && !is_int($given) => 'has to be a text.',
            mb_strlen((string) $given) > $this->longest => 'has more than ' .
                number_format($this->longest) .
                ' characters, which is the most.',
            default => null,
        };
    }
}
