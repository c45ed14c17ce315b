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
            return 'has to be a list.';
        }
        if (count($given) > $this->most) {
            return 'has ' . number_format(count($given)) . ' entries; ' . number_format($this->most) . ' is the most.';
        }
        foreach ($given as $one) {
            $fault = $this->each->fault($one);
            if ($fault !== null) {
                return "has an entry that {$fault}";
            }
        }

        return null;
    }

    /** @param  Closure(string): mixed  $fail */
    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        $fault = $this->fault($value);
        if ($fault !== null) {
            $fail('What was sent as ' . str_replace('_', ' ', $attribute) . " {$fault}");
        }
    }
}
