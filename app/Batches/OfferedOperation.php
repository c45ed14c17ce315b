<?php

declare(strict_types=1);

namespace App\Batches;

/** What people choose on the bulk desk's form, or name on the command line. */
final readonly class OfferedOperation
{
    /**
     * @param string $name on the command line
     * @param string $act name of the bulk operation that does it
     * @param string $field of several that the operation can change; empty where it changes one thing
     */
    public function __construct(public string $name, public string $act, public string $field = '') {}

    /** As the form sends it; its label is batches.what_… of that. */
    public function key(): string
    {
        return $this->field === '' ? $this->act : "{$this->act}:{$this->field}";
    }

    /** @return array<string, string> what the operation is given beside what is typed */
    public function given(): array
    {
        return $this->field === '' ? [] : ['field' => $this->field];
    }
}
