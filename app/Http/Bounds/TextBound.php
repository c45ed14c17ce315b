<?php

declare(strict_types=1);

namespace App\Http\Bounds;

/** A text of at most so many characters, or nothing. */
final readonly class TextBound implements Bound
{
    public function __construct(private int $longest) {}

    public function fault(mixed $given): ?string
    {
        $fault = match (true) {
            $given === null => null,
            !is_string($given) && !is_int($given) => __('answers.has_to_be_a_text'),
            mb_strlen((string) $given) > $this->longest => __('answers.has_more_than_longest_characters_which', [
                'longest' => $this->longest,
            ]),
            default => null,
        };

        return is_string($fault) ? $fault : null;
    }
}
