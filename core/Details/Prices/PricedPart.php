<?php

declare(strict_types=1);

namespace Core\Details\Prices;

use Core\Matrix\Matrix;
use Core\Reach\Reach;

/** A part of a product whose prices one rule makes: all of it by its base price, a value by what the value adds. */
final readonly class PricedPart
{
    /** @param  ?int  $valueId  null for the whole product */
    private function __construct(public ?int $valueId, public string $label = '') {}

    public static function whole(): self
    {
        return new self(null);
    }

    /** @param  string  $label  what the product calls the value */
    public static function value(int $valueId, string $label): self
    {
        return new self($valueId, $label);
    }

    /** @return ?self null where it is neither the whole product nor exactly one value */
    public static function of(Reach $part, Matrix $matrix): ?self
    {
        if (count($part->clauses) !== 1) {
            return null;
        }
        $named = [];
        foreach ($part->clauses[0]->values() as $axisId => $valueIds) {
            $axis = $matrix->axis($axisId);
            if ($axis === null) {
                return null;
            }
            // An axis of which all values are meant limits nothing.
            if (count($valueIds) < count($axis->values)) {
                foreach ($valueIds as $valueId) {
                    $named[$valueId] = $axis->value($valueId)->label ?? '';
                }
            }
        }

        return match (count($named)) {
            0 => self::whole(),
            1 => self::value(array_key_first($named), current($named)),
            default => null,
        };
    }
}
