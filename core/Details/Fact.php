<?php

declare(strict_types=1);

namespace Core\Details;

use Core\Text\Name;

/** Something said of a product that makes no SKUs, in its own words: "Lining: cotton". */
final readonly class Fact
{
    /**
     * @param  int  $id  0 where it is not stored yet: its name tells it from others
     * @param  string  $name  no two facts of a product have the same
     * @param  string  $value  as it is kept: of a number its digits, of a list its parts by commas
     * @param  string  $unit  of a number; empty for none
     * @param  bool  $isShown  whether shoppers see it
     */
    public function __construct(
        public int $id,
        public string $name,
        public string $value,
        public FactKind $kind = FactKind::Text,
        public string $unit = '',
        public bool $isShown = true,
    ) {}

    /** "320 g/m²", "cotton", "yes" */
    public function inWords(): string
    {
        return trim("{$this->value} {$this->unit}");
    }

    /** All that is kept of it beside its name: "320 g/m² (number, not shown)". */
    public function whole(): string
    {
        $notes = array_filter(
            [$this->kind === FactKind::Text ? '' : $this->kind->value, $this->isShown ? '' : 'not shown'],
            fn(string $note): bool => $note !== '',
        );

        return $this->inWords() . ($notes === [] ? '' : ' (' . implode(', ', $notes) . ')');
    }

    /** The same fact, under its own name, saying what another says. */
    public function saying(self $other): self
    {
        return new self($this->id, $this->name, $other->value, $other->kind, $other->unit, $other->isShown);
    }

    public function isNamed(string $name): bool
    {
        return Name::of($this->name)->is(Name::of($name));
    }

    /** @param  list<self>  $facts */
    public static function named(array $facts, string $name): ?self
    {
        foreach ($facts as $fact) {
            if ($fact->isNamed($name)) {
                return $fact;
            }
        }

        return null;
    }
}
