<?php

declare(strict_types=1);

namespace Core\Product;

use Core\Matrix\Combination;

/** What the axes and values are called that a product has or had. */
final readonly class KnownNames
{
    /**
     * @param  array<int, string>  $axes  axis id => name, in the product's order, those that sleep last
     * @param  array<int, string>  $values  value id => its label here, or what the library calls it
     */
    public function __construct(private array $axes, private array $values) {}

    /** Whether the product has the value, or had it. */
    public function knows(int $valueId): bool
    {
        return isset($this->values[$valueId]);
    }

    /** What a value is called that the product has or had. */
    public function value(int $valueId): string
    {
        return $this->values[$valueId] ?? '';
    }

    /** @return array<string, string> axis name => what its value is called, whether the product has it or had it */
    public function choice(Combination $combination): array
    {
        $choice = [];
        foreach ($this->axes as $axisId => $name) {
            $valueId = $combination->value($axisId);
            if ($valueId !== null) {
                $choice[$name] = $this->values[$valueId] ?? '';
            }
        }

        return $choice;
    }
}
