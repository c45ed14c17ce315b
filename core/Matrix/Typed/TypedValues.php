<?php

declare(strict_types=1);

namespace Core\Matrix\Typed;

/** What was understood of values typed or pasted in one go. */
final readonly class TypedValues
{
    /**
     * @param  list<TypedValue>  $values  each once, in the order they were typed
     * @param  list<RepeatedValue>  $doubles  those that were typed again
     * @param  list<NearMiss>  $nearMisses
     * @param  list<OtherWord>  $otherWords  those that were typed under another word
     */
    public function __construct(
        public array $values,
        public array $doubles,
        public array $nearMisses,
        public array $otherWords,
    ) {}

    /** Both, one after the other. */
    public function and(self $more): self
    {
        return new self(
            [...$this->values, ...$more->values],
            [...$this->doubles, ...$more->doubles],
            [...$this->nearMisses, ...$more->nearMisses],
            [...$this->otherWords, ...$more->otherWords],
        );
    }

    /** @return list<string> */
    public function labels(): array
    {
        return array_map(fn(TypedValue $value): string => $value->label, $this->values);
    }
}
