<?php

declare(strict_types=1);

namespace App\Http\Screens\Catalog;

/** A place of a code pattern in the form about it. */
final readonly class CodeRow
{
    /** Its place, as people count. */
    public int $place;

    /**
     * @param int $at from 0
     * @param string $kind what stands there, as the form says it; empty for nothing
     */
    public function __construct(public int $at, public string $kind, public string $text)
    {
        $this->place = $at + 1;
    }

    /** Whether a text or a number has to be said. */
    public function hasText(): bool
    {
        return $this->kind === 'number' || $this->kind === 'text';
    }
}
