<?php

declare(strict_types=1);

namespace Core\Checks;

/** One breach of a check on numbers or details. */
final readonly class DetailFinding
{
    /** @param  list<string>  $cells  keys of the SKUs that it is about; none where it is about the product */
    public function __construct(
        public DetailCheck $check,
        public array $cells = [],
    ) {
    }

    public function inWords(): string
    {
        return $this->check->inWords(count($this->cells));
    }
}
