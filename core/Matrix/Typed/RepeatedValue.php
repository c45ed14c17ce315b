<?php

declare(strict_types=1);

namespace Core\Matrix\Typed;

use Core\Text\Name;

/** A value that was typed again, perhaps under another name (2XL for XXL), and counted once. */
final readonly class RepeatedValue
{
    public function __construct(public string $typed, public string $kept) {}

    /** The value that it was read as. */
    public function known(): string
    {
        return $this->kept;
    }

    /** Which value was typed twice, and as what. */
    public function inWords(): string
    {
        return Name::of($this->typed)->is(Name::of($this->kept))
            ? "“{$this->typed}” stands here already; counted once."
            : "“{$this->typed}” is {$this->kept}, which stands here already; counted once.";
    }
}
