<?php

declare(strict_types=1);

namespace Core\Product\Document;

use Core\Matrix\AxisDisplay;
use Core\Matrix\AxisKind;
use Core\Matrix\Value;
use Core\Text\Name;

/** An axis of the library, with all of its values as the library calls them. */
final readonly class IndexedAxis
{
    /** @var array<string, Value> by folded name */
    private array $byName;

    /** @var array<int, Value> */
    private array $byId;

    /**
     * @param  int  $id  below zero where the library lacks it
     * @param  list<Value>  $values  labeled as the library calls them, in its order
     */
    public function __construct(
        public int $id,
        public string $name,
        public AxisKind $kind,
        public bool $changesPicture = false,
        public AxisDisplay $display = AxisDisplay::Buttons,
        public array $values = [],
    ) {
        $this->byId = array_column($values, null, 'id');
        $this->byName = array_combine(
            array_map(fn(Value $value): string => Name::of($value->label)->folded, $values),
            $values,
        );
    }

    public function value(int $id): ?Value
    {
        return $this->byId[$id] ?? null;
    }

    /** The value of that name, without regard to case. */
    public function named(string $name): ?Value
    {
        return $this->byName[Name::of($name)->folded] ?? null;
    }

    public function with(Value $value): self
    {
        return new self($this->id, $this->name, $this->kind, $this->changesPicture, $this->display, [
            ...$this->values,
            $value,
        ]);
    }
}
