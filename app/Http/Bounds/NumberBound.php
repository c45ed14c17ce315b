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

        $fault = match (true) {
            $number === false => __('answers.has_to_be_a_whole_number'),
            $number < $this->least || $number > $this->most => __('answers.has_to_lie_between_least_and', [
                'least' => $this->least,
                'most' => $this->most,
            ]),
            default => null,
        };

        return is_string($fault) ? $fault : null;
    }
}
