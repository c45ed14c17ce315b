<?php

declare(strict_types=1);

namespace Core\Codes;

/** Codes for cells to make, as far as they are free. */
final readonly class PlannedCodes
{
    /**
     * @param  array<string, string>  $codes  cell key => code
     * @param  list<CodeClash>  $clashes  those that somebody has to settle
     * @param  array<string, string>  $chosen  wanted code => the one that somebody chose in its place, and that is free
     */
    public function __construct(public array $codes, public array $clashes, public array $chosen = []) {}

    /** @throws CodeNotFree while there is a clash */
    public function settled(): self
    {
        return $this->clashes === [] ? $this : throw new CodeNotFree($this->clashes[0]);
    }
}
