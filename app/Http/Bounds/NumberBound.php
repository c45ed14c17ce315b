<?php

declare(strict_types=1);

namespace App\Http\Bounds;

/** A whole number within bounds, or nothing. */
final readonly class NumberBound implements Bound
{
    public function __construct(private int $least = 0, private int $most = PHP_INT_MAX) {}

    public function fault(mixed $given): ?string
    {
        if ($given === null || $given === '') {
            return null;
        }
        $number = is_int($given) || is_string($given) ? filter_var($given, FILTER_VALIDATE_INT) : false;

        return match (true) {
            $number === false => 'has to be a whole number.',
            $number < $this->least || $number > $this->most => 'has to lie between ' .
                number_format($this->least) .
                ' and ' .
                number_format($this->most) .
                '.',
            default => null,
        };
    }
}
