<?php

declare(strict_types=1);

namespace Core\Matrix\Typed;

/** A value as it was typed, and which of those known it is. */
final readonly class TypedValue
{
    /** @param  ?int  $id  null where it is new */
    public function __construct(public string $label, public ?int $id) {}
}
