<?php

declare(strict_types=1);

namespace Core\Matrix;

use Core\Matrix\Typed\DoubleValue;

/** An axis as one product uses it: some of its values, in the product's own order. */
final readonly class Axis
{
    /** @var array<int, Value> by value id, in the product's order */
    private array $byId;

    /** @var array<int, int> value id => place in the order, from 0 */
    private array $places;

    /**
     * @param  list<Value>  $values  in the product's order
     * @param  bool  $changesPicture  whether another value of this axis looks different in a photo
     * @param  AxisDisplay  $display  how shoppers see it
     * @param  list<int>  $sleeping  ids of values that the product had once and does not have at the moment
     *
     * @throws DoubleValue
     */
    public function __construct(
        public int $id,
        public string $name,
        public AxisKind $kind,
        public array $values,
        public bool $changesPicture = false,
        public AxisDisplay $display = AxisDisplay::Buttons,
        public array $sleeping = [],
    ) {
        $byId = [];
        $places = [];
        foreach ($values as $place => $value) {
            if (isset($byId[$value->id])) {
                throw new DoubleValue($name, $value->label);
            }
            $byId[$value->id] = $value;
            $places[$value->id] = $place;
        }
        $this->byId = $byId;
        $this->places = $places;
    }

    /**
     * The same axis with other values, or in another order.
     *
     * @param  list<Value>  $values
     */
    public function with(array $values): self
    {
        $ids = array_map(fn(Value $value): int => $value->id, $values);
        $sleeping = array_diff([...$this->sleeping, ...$this->valueIds()], $ids);

        return new self(
            $this->id,
            $this->name,
            $this->kind,
            $values,
            $this->changesPicture,
            $this->display,
            array_values($sleeping),
        );
    }

    /** The same axis where its values look different in pictures, or do not. */
    public function inPictures(bool $changes): self
    {
        return new self($this->id, $this->name, $this->kind, $this->values, $changes, $this->display, $this->sleeping);
    }

    /** The same axis where shoppers choose from it otherwise. */
    public function shownAs(AxisDisplay $display): self
    {
        return new self(
            $this->id,
            $this->name,
            $this->kind,
            $this->values,
            $this->changesPicture,
            $display,
            $this->sleeping,
        );
    }

    /** Whether the product has the value at the moment. */
    public function has(int $valueId): bool
    {
        return isset($this->byId[$valueId]);
    }

    /** The value of that id; null where the product does not have it at the moment. */
    public function value(int $valueId): ?Value
    {
        return $this->byId[$valueId] ?? null;
    }

    /** @return ?int the place of the value in the product’s order, from 0 */
    public function place(int $valueId): ?int
    {
        return $this->places[$valueId] ?? null;
    }

    /** @return list<int> in the product's order */
    public function valueIds(): array
    {
        return array_keys($this->byId);
    }

    /** @return list<int> those the product has, and those it had once */
    public function everyValueId(): array
    {
        return [...$this->valueIds(), ...$this->sleeping];
    }

    /** How many values the product has on it at the moment. */
    public function count(): int
    {
        return count($this->values);
    }
}
