<?php

declare(strict_types=1);

namespace Core\Details;

use Brick\Math\BigDecimal;

/** Length, width and height of what is sent. */
final readonly class Dimensions
{
    /** @param  array{Quantity, Quantity, Quantity}  $sides  all in one unit */
    private function __construct(public array $sides) {}

    /**
     * "30 × 20 × 5 cm", "30x20x5"; also with a unit behind each.
     *
     * @throws UnreadableDetail
     */
    public static function typed(string $typed): self
    {
        $parts = preg_split('/\s*[x×*]\s*/iu', trim($typed)) ?: [];
        if (count($parts) !== 3) {
            throw UnreadableDetail::noDimensions($typed);
        }
        $last = Quantity::typed($parts[2], Unit::Centimeter);
        $sides = array_map(fn(string $part): Quantity => Quantity::typed($part, $last->unit), [$parts[0], $parts[1]]);
        if ($sides[0]->unit !== $last->unit || $sides[1]->unit !== $last->unit) {
            throw UnreadableDetail::noDimensions($typed);
        }

        return new self([$sides[0], $sides[1], $last]);
    }

    /** @param  string  $text  as text() gives it */
    public static function fromText(string $text): self
    {
        [$length, $width, $height, $unit] = explode(' ', str_replace(' × ', ' ', $text));
        $side = fn(string $number): Quantity => new Quantity(BigDecimal::of($number), Unit::from($unit));

        return new self([$side($length), $side($width), $side($height)]);
    }

    /** The same in another unit, rounded half up to a decimal: "11.8 × 7.9 × 2.0 in". */
    public function in(Unit $unit): string
    {
        return implode(' × ', array_map(fn(Quantity $side): string => (string) $side->in($unit, 1), $this->sides)) .
            " {$unit->value}";
    }

    /** "30 × 20 × 5 cm" */
    public function text(): string
    {
        return implode(' × ', array_map(fn(Quantity $side): string => (string) $side->number, $this->sides)) .
            ' ' .
            $this->sides[0]->unit->value;
    }
}
