<?php

declare(strict_types=1);

namespace App\Http\Bounds;

use Closure;
use Illuminate\Contracts\Validation\ValidationRule;

/** A list of at most so many things, each within a bound of its own. */
final readonly class ListBound implements Bound, ValidationRule
{
    public function __construct(private int $most, private Bound $each) {}

    public static function ofTexts(int $most, int $longest): self
    {
        return new self($most, new TextBound($longest));
    }

    public function fault(mixed $given): ?string
    {
        if ($given === null) {
            return null;
        }
        if (!is_array($given)) {
            return __('answers.has_to_be_a_list');
        }
        if (count($given) > $this->most) {
            return __('answers.has_given_entries_most_is_the', ['given' => count($given), 'most' => $this->most]);
        }
        foreach ($given as $one) {
            $fault = $this->each->fault($one);
            if ($fault !== null) {
                return __('answers.has_an_entry_that_fault', ['fault' => $fault]);
            }
        }

        return null;
    }

    /** @param  Closure(string): mixed  $fail */
    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        $fault = $this->fault($value);
        if ($fault !== null) {
            $fail(
                __('answers.what_was_sent_as_attribute_fault', [
                    'attribute' => str_replace('_', ' ', $attribute),
                    'fault' => $fault,
                ]),
            );
        }
    }
}
